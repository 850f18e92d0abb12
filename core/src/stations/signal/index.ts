/** Signal: devices, ports and links – what reaches what, and by which plug. */
import type { Format, Kind, Kinds, Link, Output, Rules, Shelf, Shot } from '../../documents/index.js';
import {
  calc,
  constant,
  found,
  given,
  inOrder,
  settingOf,
  taken,
  unknown,
  wiringOf,
  type Figure,
  type MapOf,
  type Memo,
  type Wiring,
} from '../../foundations/index.js';
import type { Equipment } from '../equipment.js';
import type { Station } from '../station.js';
import { givenBy, linkFormats, type LinkFormat } from './formats.js';
import { latencyOf, screensOf, type OutputSync } from './latency.js';
import { loopsOf, type Loop } from './loops.js';
import { connectorMismatch } from './snags/connector-mismatch.js';
import { formatMismatch } from './snags/format-mismatch.js';
import { groupTwice } from './snags/group-twice.js';
import { lipSync } from './snags/lip-sync.js';
import { loop } from './snags/loop.js';
import { screenLate } from './snags/screen-late.js';
import { outputUnfed } from './snags/output-unfed.js';
import { portTwice } from './snags/port-twice.js';
import { sourceUnplugged } from './snags/source-unplugged.js';

export interface SignalReads {
  readonly devices: MapOf<Equipment> | undefined;
  readonly links: MapOf<Link> | undefined;
  readonly outputs: MapOf<Output> | undefined;
  readonly kinds: Kinds;
  readonly shelf: Shelf;
  readonly rules: Rules;
  readonly shots: MapOf<Shot> | undefined;
}

export type PlanWiring = Wiring<Equipment, Kind, Link>;

export interface SignalResult {
  readonly wiring: PlanWiring;
  /** Does the plug at each end of a link fit its socket? */
  readonly links: Readonly<Record<string, { readonly mates: Figure }>>;
  /** The switcher input that each video source reaches. */
  readonly sources: Readonly<Record<string, { readonly input: Figure }>>;
  readonly switchers: Readonly<Record<string, { have: Figure; used: Figure; spare: Figure }>>;
  /** What runs through each video link, and whether it is taken at its end. */
  readonly formats: Readonly<Record<string, LinkFormat>>;
  /** How each computer that gives a picture is set: size, rate and scan. */
  readonly settings: Readonly<Record<string, Figure>>;
  readonly loops: Readonly<Record<string, Loop>>;
  /** How late pictures and sound come to each output but screens, and the delay that brings them together. */
  readonly latency: Readonly<Record<string, OutputSync>>;
  readonly screens: Readonly<Record<string, { readonly late: Figure }>>;
  /** What feeds each wanted output. */
  readonly outputs: Readonly<Record<string, { readonly fedBy: Figure }>>;
}

/** Families a picture passes through unchanged. */
const PASSES = new Set(['adapter', 'converter']);
const SOURCES = new Set(['camera', 'computer']);

export const isSource = (kind: Kind | undefined): boolean =>
  kind !== undefined &&
  SOURCES.has(kind.family) &&
  Object.values(kind.ports ?? {}).some(port => port.carries === 'video' && port.direction === 'out');

function compute({ devices, links, outputs, kinds, rules, shots }: SignalReads, memo: Memo): SignalResult {
  const { format } = rules;
  return memo.once('result', [devices, links, outputs, kinds, format, shots], () => {
    const wiring: PlanWiring = wiringOf(devices, kinds.kinds, links);
    const formats = linkFormats(wiring, links, format);
    return {
      wiring,
      links: Object.fromEntries(
        inOrder(links).map(([id, link]) => [id, { mates: matesOf(wiring, id, link) }]),
      ),
      sources: Object.fromEntries(
        inOrder(devices)
          .filter(([id]) => isSource(wiring.kindOf(id)))
          .map(([id]) => [id, { input: inputOf(wiring, id) }]),
      ),
      switchers: Object.fromEntries(
        inOrder(devices)
          .filter(([id]) => wiring.kindOf(id)?.family === 'switcher')
          .map(([id, device]) => [id, inputsOf(wiring, id, device)]),
      ),
      formats,
      settings: Object.fromEntries(
        inOrder(devices)
          .filter(([id]) => wiring.kindOf(id)?.family === 'computer' && isSource(wiring.kindOf(id)))
          .map(([id]) => [id, settingFor(wiring, id, format, formats)]),
      ),
      loops: loopsOf(wiring, links),
      latency: latencyOf(wiring, outputs, shots, format),
      screens: screensOf(wiring, outputs, format),
      outputs: Object.fromEntries(
        inOrder(outputs).map(([id, output]) => [id, { fedBy: fedBy(wiring, output) }]),
      ),
    };
  });
}

/**
 * The exact setting of a computer’s screen output, in the words of its menu: what it gives, or what the device that it
 * is plugged into works in where that does not take it.
 */
function settingFor(
  wiring: PlanWiring,
  id: string,
  house: Format,
  formats: Readonly<Record<string, LinkFormat>>,
): Figure {
  const port = inOrder(wiring.kindOf(id)?.ports).find(
    ([, each]) => each.carries === 'video' && each.direction === 'out',
  )?.[0];
  const [link, lead] = wiring.outOf(id).find(([key]) => formats[key]) ?? [];
  const refused = link !== undefined && formats[link]?.taken.value !== 'yes';
  const sink = refused ? wiring.devices[lead?.to.device ?? ''] : undefined;
  const gives = givenBy(wiring, id, port, house);
  if (typeof gives.value !== 'string') return gives;
  return sink
    ? found(settingOf(sink.format ?? house), '', `what ${sink.label} works in, since it takes nothing else`)
    : found(settingOf(gives.value), '', gives.working.method ?? '', gives.working.terms);
}

function matesOf(wiring: PlanWiring, id: string, link: Link): Figure {
  const [from, to] = [wiring.portOf(link.from), wiring.portOf(link.to)];
  const isHouse = link.from.socket ?? link.from.networkSocket ?? link.to.networkSocket;
  if (isHouse !== undefined) return found(true, '', 'a lead with the venue’s own plug');
  if (!from || !to) return unknown('', 'one end has no port');
  const pointer = (end: Link['from']): string =>
    `/kinds/${wiring.devices[end.device ?? '']?.kind ?? ''}/ports/${end.port ?? ''}/connector`;
  return calc(
    '',
    'from = to',
    [
      given('from', from.connector, '', 'kinds', pointer(link.from)),
      given('to', to.connector, '', 'kinds', pointer(link.to)),
    ],
    { rule: `link ${id}: the same connector at both ends, else an adapter` },
  );
}

/** Follows a picture from a source through adapters and converters to a switcher input. */
function inputOf(wiring: PlanWiring, source: string): Figure {
  const path = [wiring.devices[source]?.label ?? source];
  const seen = new Set([source]);
  for (let device = source; ;) {
    const next = wiring
      .outOf(device)
      .find(([, link]) => wiring.portOf(link.from)?.carries === 'video')?.[1].to;
    if (!next?.device || seen.has(next.device)) return unknown('', 'its picture goes nowhere');
    seen.add(next.device);
    path.push(wiring.devices[next.device]?.label ?? next.device);
    const kind = wiring.kindOf(next.device);
    if (kind?.family === 'switcher') {
      const port = wiring.portOf(next);
      return found(port?.label ?? 'an input that does not exist', '', `links followed: ${path.join(' → ')}`);
    }
    if (!kind || !PASSES.has(kind.family))
      return found(path.at(-1) ?? '', '', `links followed: ${path.join(' → ')}`);
    device = next.device;
  }
}

function inputsOf(
  wiring: PlanWiring,
  id: string,
  device: Equipment,
): { have: Figure; used: Figure; spare: Figure } {
  const inputs = inOrder(wiring.kindOf(id)?.ports).filter(
    ([, port]) => port.carries === 'video' && port.direction === 'in',
  );
  const have = calc(
    'pieces',
    'count(input)',
    inputs.map(([port, { connector }]) =>
      given('input', connector, '', 'kinds', `/kinds/${device.kind}/ports/${port}/connector`),
    ),
  );
  const usedPorts = new Set(wiring.into(id).map(([, link]) => link.to.port));
  const used = calc(
    'pieces',
    'count(linked)',
    inputs
      .filter(([port]) => usedPorts.has(port))
      .map(([port, { connector }]) =>
        given('linked', connector, '', 'kinds', `/kinds/${device.kind}/ports/${port}/connector`),
      ),
  );
  const path = `signal.switchers.${id}`;
  return {
    have,
    used,
    spare: calc('pieces', 'have - used', [
      taken('have', have, `${path}.have`),
      taken('used', used, `${path}.used`),
    ]),
  };
}

/** Walks upstream from the device an output comes out of, to a switcher that has a source, or to a source. */
function fedBy(wiring: PlanWiring, output: Output): Figure {
  if (output.device === undefined) return unknown('', 'no device is chosen for it');
  if (!wiring.devices[output.device]) return unknown('', 'its device is gone');
  const seen = new Set<string>();
  const path: string[] = [];
  for (let device = output.device; ;) {
    if (seen.has(device)) return unknown('', 'its links run in a ring');
    seen.add(device);
    const label = wiring.devices[device]?.label ?? device;
    path.unshift(label);
    const kind = wiring.kindOf(device);
    const feeds = wiring.into(device).filter(([, link]) => wiring.portOf(link.to)?.carries === 'video');
    if (kind?.family === 'switcher') {
      if (feeds.length === 0) return unknown('', `${label} has no source`);
      return found(`programme of ${label}`, '', `links followed: ${path.join(' → ')}`, [
        constant('sources', feeds.length, 'pieces', 'inputs in use'),
      ]);
    }
    if (isSource(kind) && device !== output.device) {
      return found(`${label} alone`, '', `links followed: ${path.join(' → ')}`);
    }
    const from = feeds[0]?.[1].from.device;
    if (from === undefined) return unknown('', `nothing is plugged into ${label}`);
    device = from;
  }
}

export const signal: Station<SignalReads, SignalResult> = {
  name: 'signal',
  rules: [
    outputUnfed,
    connectorMismatch,
    formatMismatch,
    groupTwice,
    loop,
    portTwice,
    lipSync,
    screenLate,
    sourceUnplugged,
  ],
  compute,
};
