/** Which ports can be joined, the reason for each that cannot, and the codes by which people type them. */
import type { End, Port } from '../../documents/index.js';
import { inOrder } from '../../foundations/index.js';
import { adapterBetween, type AtHand } from './connect.js';
import { clashOf } from './port-fit.js';
import type { PlanWiring } from './result.js';

export interface PluggedPort {
  readonly end: { readonly device: string; readonly port: string };
  readonly port: Port;
  /** `4.2`: the second port of the fourth device. */
  readonly code: string;
  /** `SWITCHER · HDMI in 2`. */
  readonly words: string;
}

/** Every port but those of power, device by device, with the code that it is typed by. */
export const portsOf = (wiring: PlanWiring): PluggedPort[] =>
  inOrder(wiring.devices).flatMap(([device, { label }], i) =>
    inOrder(wiring.kindOf(device)?.ports).flatMap(([port, of], j): PluggedPort[] =>
      of.carries === 'power'
        ? []
        : [{ end: { device, port }, port: of, code: `${i + 1}.${j + 1}`, words: `${label} · ${of.label}` }],
    ),
  );

/** The port that somebody means by a code, or by its words. */
export function portCalled(text: string, ports: readonly PluggedPort[]): PluggedPort | undefined {
  const wanted = text.trim().toLowerCase();
  return ports.find(
    ({ code, words }) => wanted === code || wanted === words.toLowerCase() || wanted.startsWith(`${code} `),
  );
}

/** What joins two ports, or why nothing does. */
export type Fit =
  | {
      readonly fits: true;
      /** The adapter that comes between, where plugs differ. */ readonly adapter: string | undefined;
    }
  | { readonly fits: false; readonly why: string };

const no = (why: string): Fit => ({ fits: false, why });

/** Whether an output can be plugged into an input as things stand. */
export function fitOf(from: PluggedPort, to: PluggedPort, { wiring, leads, kinds, shelf }: AtHand): Fit {
  if (from.end.device === to.end.device && from.end.port === to.end.port) return no('it is the same port');
  if (from.port.direction === 'in') return no(`${from.words} is an input`);
  if (to.port.direction === 'out') return no('it is an output too');
  if (from.port.carries !== to.port.carries)
    return no(`it carries ${WORDS[to.port.carries]}, not ${WORDS[from.port.carries]}`);
  const taken = takenBy(wiring, to.end) ?? takenBy(wiring, from.end);
  if (taken !== undefined) return no(`taken: ${taken}`);
  const group = groupInUse(wiring, to) ?? groupInUse(wiring, from);
  if (group !== undefined) return no(`its socket is in use for ${group}`);
  const clash = clashOf(from.port, to.port, leads);
  if (clash === undefined) return { fits: true, adapter: undefined };
  const adapter = adapterBetween(kinds, shelf, wiring, from.port, to.port);
  if (!adapter) return no(`${clash}, and no adapter between them is known`);
  return { fits: true, adapter: adapter.label };
}

const WORDS: Readonly<Record<Port['carries'], string>> = {
  video: 'pictures',
  audio: 'sound',
  network: 'network',
  control: 'control',
  tally: 'tally',
  talkback: 'talkback',
  data: 'a disk',
  power: 'power',
};

/** What is at the other end of a port that is in use; what goes over the air is never used up. */
function takenBy(wiring: PlanWiring, end: End): string | undefined {
  if (wiring.portOf(end)?.connector === 'air') return undefined;
  const { device = '', port } = end;
  const into = wiring.into(device).find(([, { to }]) => to.port === port)?.[1].from;
  const out = wiring.outOf(device).find(([, { from }]) => from.port === port)?.[1].to;
  const other = into ?? out;
  if (!other) return undefined;
  return `${wiring.devices[other.device ?? '']?.label ?? 'the venue'} is plugged in there`;
}

/** Another port in use of the group that a port belongs to. */
function groupInUse(wiring: PlanWiring, { end, port: { group } }: PluggedPort): string | undefined {
  if (group === undefined) return undefined;
  const other = inOrder(wiring.kindOf(end.device)?.ports).find(
    ([port, each]) =>
      each.group === group &&
      port !== end.port &&
      takenBy(wiring, { device: end.device, port }) !== undefined,
  );
  return other?.[1].label;
}
