/** Whatever of a switcher, recorder or network can run out: used, there, and spare. */
import type { Inside, Output, Port, RunningItem } from '../../documents/index.js';
import {
  constant,
  given,
  inOrder,
  taken,
  type Figure,
  type MapOf,
  type Term,
} from '../../foundations/index.js';
import type { FedOutput } from './fed-by.js';
import { switches } from './functions.js';
import * as figures from './figures.js';
import type { PlanWiring } from './result.js';
import { LAYOUT_RESOURCES, layoutNeeds } from './layouts.js';
import { busOf, videoPorts } from './switching.js';

export const RESOURCES = [
  ...(['inputs', 'outputs', 'mixes', 'aux', 'keyers', 'boxes', 'stills', 'clips'] as const),
  ...(['tiles', 'tracks', 'channels', 'network', 'lines'] as const),
] as const;
export type Resource = (typeof RESOURCES)[number];

export interface Count {
  readonly used: Figure;
  readonly have: Figure;
  readonly spare: Figure;
  /** Spare, less the share that is kept spare by house rule; only where the house keeps any. */
  readonly beyondKept?: Figure;
}

export type Counts = Readonly<Partial<Record<Resource, Count>>>;

export interface CountReads {
  readonly wiring: PlanWiring;
  readonly outputs: MapOf<Output> | undefined;
  readonly runningOrder: MapOf<RunningItem> | undefined;
  readonly fed: Readonly<Record<string, FedOutput>>;
  readonly keptSpare: number;
}

/** Everything countable of the devices that have something to count, by device. */
export function resourcesOf(reads: CountReads): Record<string, Counts> {
  const main = mainSwitcher(reads);
  const all: Record<string, Counts> = {};
  for (const [id] of inOrder(reads.wiring.devices)) {
    const sketch = sketchOf(id, id === main, reads);
    const counts: Partial<Record<Resource, Count>> = {};
    let any = false;
    for (const name of RESOURCES) {
      const each = sketch[name];
      if (each === undefined) continue;
      any = true;
      counts[name] = countOf([id, name], each, reads.keptSpare);
    }
    if (any) all[id] = counts;
  }
  return all;
}

/** The switcher that layouts and graphics are made in: that of the first stream, else of the first output, else the first. */
export function mainSwitcher({
  wiring,
  outputs,
  fed,
}: Pick<CountReads, 'wiring' | 'outputs' | 'fed'>): string | undefined {
  const wanted = inOrder(outputs);
  const ranked = [...wanted.filter(([, { kind }]) => kind === 'stream'), ...wanted];
  const feeding = ranked.map(([id]) => fed[id]?.switcher).find(each => each !== undefined);
  return feeding ?? inOrder(wiring.devices).find(([id]) => switches(wiring, id))?.[0];
}

interface Sketch {
  readonly have: Term;
  /** Each is one in use, or (with `most`) what one item needs at once. */
  readonly used: readonly Term[];
  readonly most?: boolean;
}

function countOf(ids: [string, Resource], { have, used, most }: Sketch, keptSpare: number): Count {
  const counts = used.map(({ value }) => Number(value));
  const drawn = most ? Math.max(0, ...counts) : counts.reduce((sum, each) => sum + each, 0);
  const own = most ? { method: 'the most that one item needs at once' } : {};
  const count = {
    have: figures.countHave.found(ids, have.value, [have]),
    used: figures.countUsed.found(ids, drawn, used, own),
  };
  const terms = [taken('have', count.have), taken('used', count.used)];
  const spare = figures.countSpare.calc(ids, terms);
  if (keptSpare === 0) return { ...count, spare };
  const kept = constant('kept', keptSpare, '%', 'share kept spare, by house rule');
  return { ...count, spare, beyondKept: figures.countBeyondKept.calc(ids, [...terms, kept]) };
}

type Sketches = Partial<Record<Resource, Sketch>>;

function sketchOf(id: string, isMain: boolean, reads: CountReads): Sketches {
  const { wiring } = reads;
  const kind = wiring.kindOf(id);
  if (!kind) return {};
  if (switches(wiring, id)) return { ...switcherSketch(id, isMain, reads), ...recorderSketch(id, reads) };
  switch (kind.family) {
    case 'matrix':
    case 'splitter':
      return {
        inputs: sockets(wiring, id, 'inputs', isVideoIn),
        outputs: sockets(wiring, id, 'outputs', isVideoOut),
      };
    case 'network switch':
    case 'router':
      return { network: sockets(wiring, id, 'network ports', isNetwork) };
    case 'talkback':
    case 'control': {
      const lines = sockets(wiring, id, 'lines', isLine);
      return lines.have.value === 0 ? {} : { lines };
    }
    default:
      return recorderSketch(id, reads);
  }
}

type Suits = (port: Port) => boolean;
const isVideoIn: Suits = ({ carries, direction }) => carries === 'video' && direction === 'in';
const isVideoOut: Suits = ({ carries, direction }) => carries === 'video' && direction === 'out';
const isNetwork: Suits = ({ carries, connector }) => carries === 'network' && connector === 'RJ45';
const isLine: Suits = ({ carries, direction, connector }) =>
  direction === 'out' && connector !== 'air' && carries !== 'network';
const takesSound: Suits = ({ carries, direction }) => carries === 'audio' && direction !== 'out';
const canGiveOne: Suits = ({ gives }) => gives?.includes('aux') === true;

const piece = (name: string, count: number, words: string): Term => constant(name, count, 'pieces', words);

/** Sockets of one sort, and those of them that something is plugged into. */
function sockets(wiring: PlanWiring, id: string, words: string, suits: Suits): Sketch {
  const inUse = wiring.inUse(id);
  let have = 0;
  const used: string[] = [];
  for (const [port, each] of inOrder(wiring.kindOf(id)?.ports)) {
    if (!suits(each)) continue;
    have++;
    if (inUse.has(port)) used.push(each.label);
  }
  return {
    have: piece('have', have, `${words} of ${wiring.devices[id]?.label ?? id}`),
    used: used.length === 0 ? [] : [piece('used', used.length, used.join(', '))],
  };
}

function switcherSketch(id: string, isMain: boolean, reads: CountReads): Sketches {
  const { wiring, runningOrder } = reads;
  const { inside, ports } = wiring.kindOf(id) ?? {};
  const { kind, label = id } = wiring.devices[id] ?? {};
  const own = (name: keyof Inside, value: number): Term =>
    given('have', value, 'pieces', 'kinds', `/kinds/${kind ?? ''}/inside/${name}`);
  const inputs = sockets(wiring, id, 'video inputs', isVideoIn);
  const linkedOuts = videoPorts(wiring, id, 'out').filter(([port]) => wiring.inUse(id).has(port));
  const giving = (bus: string) => linkedOuts.filter(([port]) => busOf(wiring, id, port) === bus);
  const canAux = inOrder(ports).filter(([, port]) => canGiveOne(port));
  const view = giving('multiview')[0]?.[1];
  const tasks = isMain ? inOrder(wiring.devices).flatMap(([, device]) => device.tasks ?? []) : [];
  const needs = layoutNeeds(isMain ? runningOrder : undefined, new Set(tasks));
  const layouts = LAYOUT_RESOURCES.flatMap((name): [Resource, Sketch][] => {
    const has = inside?.[name];
    if (has === undefined && needs[name].length === 0) return [];
    const have = has === undefined ? piece('have', 0, `${label} has none`) : own(name, has);
    return [[name, { have, used: needs[name], most: true }]];
  });
  return {
    inputs,
    outputs: sockets(wiring, id, 'video outputs', isVideoOut),
    mixes: {
      have: inside
        ? own('mixes', inside.mixes)
        : piece('have', 1, `${label}: one, unless its kind says more`),
      used: programmesOf(
        id,
        reads,
        linkedOuts.map(([port]) => port),
      ).map(bus => piece('used', 1, bus)),
    },
    ...(canAux.length > 0 && {
      aux: {
        have: piece('have', canAux.length, `outputs of ${label} that can give one input`),
        used: giving('aux').map(([, port]) => piece('used', 1, port.label)),
      },
    }),
    ...Object.fromEntries(layouts),
    ...(view && {
      tiles: {
        have: piece('have', view.tiles ?? QUAD, `pictures on ${view.label}`),
        used: [...inputs.used, piece('used', 1, 'programme'), piece('used', 1, 'preview')],
      },
    }),
    ...(inside?.channels !== undefined && {
      channels: {
        have: own('channels', inside.channels),
        used: sockets(wiring, id, 'sound', takesSound).used,
      },
    }),
  };
}

/** Pictures on a multiview whose kind says nothing. */
const QUAD = 4;

function recorderSketch(id: string, reads: CountReads): Sketches {
  const { kind, label = id } = reads.wiring.devices[id] ?? {};
  const recording = reads.wiring.kindOf(id)?.recording;
  if (!recording) return {};
  const have =
    recording.tracks === undefined
      ? piece('have', 1, `${label} records one picture`)
      : given('have', recording.tracks, 'pieces', 'kinds', `/kinds/${kind ?? ''}/recording/tracks`);
  return { tracks: { have, used: recordingOf(id, reads) } };
}

const PROGRAMME_BUSES: readonly string[] = ['programme', 'second programme', 'third programme'];

/** The programmes that are made in a switcher: on its outputs in use, and those that it streams or records itself. */
function programmesOf(id: string, { wiring, outputs }: CountReads, linkedOuts: readonly string[]): string[] {
  const buses = linkedOuts.map((port): string => busOf(wiring, id, port) ?? '');
  const own = inOrder(outputs)
    .filter(([, { device }]) => device === id)
    .map(([, { programme }]) => programme ?? 'programme');
  const named: string[] = [...buses, ...own].map(bus => (bus === 'clean' ? 'programme' : bus));
  return PROGRAMME_BUSES.filter(bus => named.includes(bus));
}

/** Pictures that a device records: programmes, and cameras apart where they are recorded in it. */
function recordingOf(id: string, { wiring, outputs, fed }: CountReads): Term[] {
  const many = (device: string): boolean => (wiring.kindOf(device)?.recording?.tracks ?? 1) > 1;
  return inOrder(outputs).flatMap(([output, { kind, device, isolated = 0, label }]) => {
    if (kind !== 'recording' || device === undefined) return [];
    const feeding = fed[output]?.switcher;
    // Cameras are recorded apart where there are tracks for it: in the recorder, else in the switcher before it.
    const apart = many(device) || feeding === undefined || !many(feeding) ? device : feeding;
    return [
      ...(device === id ? [constant('used', 1, 'pieces', label)] : []),
      ...(apart === id && isolated > 0
        ? [given('used', isolated, 'pieces', 'plan', `/outputs/${output}/isolated`)]
        : []),
    ];
  });
}
