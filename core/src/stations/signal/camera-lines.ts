/** What leads to a camera besides its picture: control, tally, talkback, and how many coax leads that makes. */
import type { Carries } from '../../documents/index.js';
import { constant, inOrder, type Figure, type Outcome } from '../../foundations/index.js';
import { carriedBy, workedByHand } from '../equipment.js';
import { cameraCoax, cameraControl, cameraTalkback, cameraTally } from './figures.js';
import { deviceDoes, kindDoes, switches } from './functions.js';
import { onNetwork } from './network.js';
import type { PlanWiring } from './result.js';
import { leadsBack } from './switching.js';

export interface CameraLines {
  /** By what it is steered; only for a remote camera. */
  readonly control?: Figure;
  /** By what its operator hears the mixer; only for one worked by hand. */
  readonly talkback?: Figure;
  /** By what its operator sees that it is on air; only for one worked by hand. */
  readonly tally?: Figure;
  readonly coax: Figure;
}

/** The devices that are fixed to another one or carried with it. */
export type Aboard = (carrier: string) => readonly string[];

export function aboardOf({ wiring }: { readonly wiring: PlanWiring }): Aboard {
  const carried = new Map<string, string[]>();
  for (const [id, { place }] of inOrder(wiring.devices)) {
    const carrier = carriedBy(place);
    if (carrier === undefined) continue;
    const list = carried.get(carrier);
    if (list) list.push(id);
    else carried.set(carrier, [id]);
  }
  return carrier => carried.get(carrier) ?? [];
}

/** The lines of every camera that somebody works, on the spot or from afar. */
export function cameraLines({
  wiring,
  aboard,
  beside,
}: {
  readonly wiring: PlanWiring;
  readonly aboard: Aboard;
  /** Cameras whose operators hear and see whoever mixes as they are. */
  readonly beside: readonly string[];
}): Readonly<Record<string, CameraLines>> {
  // Where one camera is sent as it is, nobody mixes who could speak to its operator.
  const mixed = inOrder(wiring.devices).some(([id]) => switches(wiring, id));
  return Object.fromEntries(
    inOrder(wiring.devices).flatMap(([id, { worked }]): [string, CameraLines][] => {
      if (!kindDoes(wiring.kindOf(id), 'sees')) return [];
      const coax = coaxTo(wiring, id);
      if (worked === 'remote') {
        const steered = inReturn(wiring, id) ? DATA_IN_RETURN : steeredBy(wiring, id);
        return [[id, { control: cameraControl.said([id], steered), coax }]];
      }
      if (!workedByHand(worked) || !mixed) return [];
      if (beside.includes(id)) return [[id, { coax }]];
      const talkback = cameraTalkback.said([id], talkbackOf(wiring, id, aboard(id)));
      return [[id, { talkback, tally: cameraTally.said([id], tallyOf(wiring, id, aboard(id))), coax }]];
    }),
  );
}

/** What steers a remote camera: a lead for that, or a controller on its network. */
function steeredBy(wiring: PlanWiring, id: string): Outcome {
  const line = lineTo(
    wiring,
    id,
    'control',
    'nothing that controls is on its network, and no lead for it comes',
  );
  if ('value' in line) return line;
  return overNetwork(wiring, id, each => deviceDoes(wiring, each, 'controls')) ?? line;
}

/** What does something for a camera over the network that both are on. */
function overNetwork(wiring: PlanWiring, id: string, suits: (id: string) => boolean): Outcome | undefined {
  const found = onNetwork(wiring, id, suits);
  return found === undefined
    ? undefined
    : { value: wiring.devices[found]?.label ?? found, method: 'on one network with it' };
}

/** The device at the other end of a lead of one sort; `why` there is none otherwise. */
export function lineTo(wiring: PlanWiring, id: string, carries: Carries, why: string): Outcome {
  for (const [, { from, to }] of [...wiring.into(id), ...wiring.outOf(id)]) {
    const own = from.device === id ? from : to;
    const other = from.device === id ? to : from;
    const what = wiring.portOf(own)?.carries;
    if (what !== carries) continue;
    const value = wiring.devices[other.device ?? '']?.label ?? 'a socket of the venue';
    return { value, method: `a lead for ${what}` };
  }
  return { why };
}

const IN_RETURN = { value: 'with the return picture' };
const DATA_IN_RETURN = { ...IN_RETURN, method: 'data of the return picture' };

/**
 * Whether the return picture of a camera comes from an output that puts talkback into it, and with that tally and
 * control, over whatever passes a picture on; not where something takes it out again.
 */
export function inReturn(wiring: PlanWiring, id: string): boolean {
  for (const [, { from }] of leadsBack(wiring, id)) {
    if (wiring.kindOf(from.device)?.strips) return false;
    if (wiring.portOf(from)?.talkback) return true;
  }
  return false;
}

/** A beltpack with the camera that is linked to its base, a lead for talkback, or talkback in the return picture. */
function talkbackOf(wiring: PlanWiring, id: string, own: readonly string[]): Outcome {
  for (const pack of own) {
    if (wiring.kindOf(pack)?.family !== 'talkback') continue;
    if (wiring.into(pack).length + wiring.outOf(pack).length > 0)
      return {
        value: wiring.devices[pack]?.label ?? pack,
        method: 'talkback that is worn at the camera and linked',
      };
  }
  if (inReturn(wiring, id)) return { ...IN_RETURN, method: 'sound channels of the return picture' };
  return lineTo(wiring, id, 'talkback', 'no talkback leads to its operator');
}

/** A tally lead, a screen at the camera, the return picture, or a network: what tells what is on air. */
function tallyOf(wiring: PlanWiring, id: string, own: readonly string[]): Outcome {
  const shows = (each: string): boolean =>
    kindDoes(wiring.kindOf(each), 'shows') && wiring.into(each).length > 0;
  const screen = own.find(shows);
  if (screen !== undefined)
    return {
      value: `by ${wiring.devices[screen]?.label ?? screen}`,
      method: 'the programme on a screen at the camera',
    };
  const shared = inOrder(wiring.devices).find(
    ([each, { viewers }]) => viewers?.includes('camera') && shows(each),
  );
  if (shared)
    return {
      value: `by ${shared[1].label}`,
      method: 'the programme on a screen that several operators look at',
    };
  if (inReturn(wiring, id)) return DATA_IN_RETURN;
  const line = lineTo(wiring, id, 'tally', 'its operator does not see that it is on air');
  return 'value' in line ? line : (overNetwork(wiring, id, each => switches(wiring, each)) ?? line);
}

const coaxTo = (wiring: PlanWiring, id: string): Figure =>
  cameraCoax.calc(
    [id],
    [
      constant('lead', 0, 'pieces', 'none but these'),
      ...[...wiring.into(id), ...wiring.outOf(id)]
        .filter(([, { from, to }]) => wiring.portOf(from.device === id ? from : to)?.connector === 'BNC')
        .map(([, { from }]) => constant('lead', 1, 'pieces', from.device === id ? 'picture' : 'return')),
    ],
    { rule: 'a return picture over coax takes a second lead along the whole run' },
  );
