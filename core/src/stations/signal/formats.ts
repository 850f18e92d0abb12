/** Formats: which size and rate runs through each lead, and whether the input at its end takes it. */
import type { Link, Port } from '../../documents/index.js';
import {
  constant,
  given,
  inOrder,
  linkRate,
  whyNotNative,
  type Figure,
  type MapOf,
  type Outcome,
  type Term,
  type VideoFormat,
} from '../../foundations/index.js';
import { formatTaken, linkFormat } from './figures.js';
import type { PlanWiring } from './result.js';
import { feedsOf, passesOn } from './switching.js';

export interface LinkFormat {
  /** What runs through it. */
  readonly format: Figure;
  /** `yes`, or why the input cannot take it. */
  readonly taken: Figure;
}

/** A format that is given, or why none is known. */
export type Given = Outcome & ({ readonly value: VideoFormat } | { readonly why: string });

/**
 * What a device gives: the format it is set to, or that of what comes into it where it only passes it on, or that of
 * the event where its output can be set to that. `seen`: outputs that were followed, which cuts rings.
 */
export function givenBy(
  wiring: PlanWiring,
  id: string,
  port: string | undefined,
  house: VideoFormat,
  seen: ReadonlySet<string> = new Set(),
): Given {
  const device = wiring.devices[id];
  const kind = wiring.kindOf(id);
  const label = device?.label ?? 'a device';
  if (!device || !kind) return { why: 'its device is gone' };
  const method = `what ${label} gives`;
  if (device.format !== undefined) {
    const set = given('set', device.format, '', 'plan', `/devices/${id}/format`);
    return { value: device.format, method, terms: [set] };
  }
  if (passesOn(kind.family) || kind.ports?.[port ?? '']?.loops !== undefined) {
    const through = new Set([...seen, `${id} ${port ?? ''}`]);
    for (const [, { from }] of feedsOf(wiring, id, port)) {
      if (from.device === undefined || through.has(`${from.device} ${from.port ?? ''}`)) continue;
      const fed = givenBy(wiring, from.device, from.port, house, through);
      if ('value' in fed) return fed;
    }
    return { why: `nothing comes into ${label}` };
  }
  const can = kind.ports?.[port ?? '']?.formats;
  const event = constant('event', house, '', 'format of the event, by house rule or its own');
  if (can === undefined || can.includes(house))
    return { value: house, method: `${method}: set to the format of the event`, terms: [event] };
  const first = can[0] ?? house;
  return {
    value: first,
    method: `${method}: it cannot be set to the format of the event`,
    terms: [constant('first', first, '', `first that ${label} can be set to`)],
  };
}

/** Every video link between two devices: its format, and whether that is taken at its end. */
export function linkFormats({
  wiring,
  links,
  house,
}: {
  readonly wiring: PlanWiring;
  readonly links: MapOf<Link> | undefined;
  readonly house: VideoFormat;
}): Readonly<Record<string, LinkFormat>> {
  const known = new Map<string, Map<string, Given>>();
  const formats: Record<string, LinkFormat> = {};
  for (const [id, link] of inOrder(links)) {
    const { device, port = '' } = link.from;
    const [from, to] = [wiring.portOf(link.from), wiring.portOf(link.to)];
    if (device === undefined || from?.carries !== 'video' || !to) continue;
    const own = known.get(device) ?? new Map<string, Given>();
    known.set(device, own);
    const format = own.get(port) ?? givenBy(wiring, device, port, house);
    own.set(port, format);
    formats[id] = {
      format: linkFormat.said([id], format),
      taken: formatTaken.said([id], takenAt(wiring, link, from, to, format, house)),
    };
  }
  return formats;
}

/** Families whose inputs, where they have no scaler, take nothing but what the device works in. */
const NATIVE: ReadonlySet<string> = new Set(['switcher']);

function takenAt(
  wiring: PlanWiring,
  link: Link,
  from: Port,
  to: Port,
  format: Given,
  house: VideoFormat,
): Outcome {
  const device = wiring.devices[link.to.device ?? ''];
  const kind = wiring.kindOf(link.to.device);
  if ('why' in format || !device || !kind) return { why: 'what runs through it is not known' };
  const { value: fed } = format;
  const own = device.format ?? house;
  const terms: Term[] = [
    constant('fed', fed, '', `what comes out of ${wiring.devices[link.from.device ?? '']?.label ?? 'it'}`),
    device.format === undefined
      ? constant('own', own, '', 'format of the event')
      : given('own', own, '', 'plan', `/devices/${link.to.device ?? ''}/format`),
  ];
  const says = (value: string): Outcome => ({ value, terms });
  const levels = unlikeLevels(from.level3g, to.level3g, fed);
  if (levels !== undefined) return says(levels);
  if (to.formats && (to.scaled || !NATIVE.has(kind.family))) {
    return says((to.formats as readonly string[]).includes(fed) ? 'yes' : `it takes no ${fed}`);
  }
  if (to.scaled || !NATIVE.has(kind.family)) return says('yes');
  return says(whyNotNative(own, fed) ?? 'yes');
}

/** A 3G link is packed in level A or B, and an input takes one of them or both. */
function unlikeLevels(
  gives: 'A' | 'B' | 'both' | undefined,
  takes: 'A' | 'B' | 'both' | undefined,
  fed: string,
): string | undefined {
  if (gives === undefined || takes === undefined || linkRate(fed) !== 2.97) return undefined;
  return gives === takes || gives === 'both' || takes === 'both'
    ? undefined
    : `3G level ${gives} into level ${takes}`;
}
