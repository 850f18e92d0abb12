/** Pack: the gear checklist, derived from the design – devices, cables, adapters, batteries, tape, ramps. */
import type { Claims, Family, Kinds, Shelf } from '../../documents/index.js';
import {
  calc,
  constant,
  found,
  given,
  inOrder,
  taken,
  type Figure,
  type MapOf,
  type Memo,
} from '../../foundations/index.js';
import type { RunResult, RunsResult } from '../runs/index.js';
import type { Equipment } from '../equipment.js';
import type { Station } from '../station.js';
import { claimed } from './snags/claimed.js';
import { itemUnfit } from './snags/item-unfit.js';
import { notOwned } from './snags/not-owned.js';
import { stockShort } from './snags/stock-short.js';

export interface PackReads {
  readonly devices: MapOf<Equipment> | undefined;
  readonly kinds: Kinds;
  readonly shelf: Shelf;
  readonly claims: Claims;
  readonly runs: RunsResult;
}

export const GROUPS = [
  'Cameras',
  'Desk',
  'Adapters',
  'Cables',
  'Power',
  'Cases and stands',
  'Floor',
] as const;
export type Group = (typeof GROUPS)[number];

/** One line of the checklist: a tagged thing, or a count of untagged ones. */
export interface PackLine {
  readonly group: Group;
  readonly label: string;
  /** What it is for: the device or the run. */
  readonly purpose: string;
  readonly tape: string | undefined;
  readonly item: string | undefined;
  readonly kind: string | undefined;
  readonly count: number;
  /** Where it travels: the case it is mounted in. */
  readonly inside: string | undefined;
}

export interface PackResult {
  readonly lines: Readonly<Record<string, PackLine>>;
  readonly pieces: Figure;
  readonly missing: Figure;
  readonly weight: Figure;
  readonly tapeRolls: Figure;
  readonly rampPieces: Figure;
}

const FAMILY_GROUP: Readonly<Partial<Record<Family, Group>>> = {
  camera: 'Cameras',
  adapter: 'Adapters',
  battery: 'Power',
  strip: 'Power',
  supply: 'Power',
  'rack case': 'Cases and stands',
  support: 'Cases and stands',
};

function compute({ devices, kinds, shelf, runs }: PackReads, memo: Memo): PackResult {
  const deviceLines = memo.once('devices', [devices, kinds, shelf], () =>
    Object.fromEntries(
      inOrder(devices)
        .filter(([, device]) => device.resident !== true)
        .map(([id, device]) => [id, deviceLine(device, devices, kinds, shelf)]),
    ),
  );
  const cableLines = memo.each(
    'cables',
    Object.entries(runs.runs)
      .filter(([, run]) => !run.ownLead)
      .flatMap(([id, run]) => {
        const items = run.items.length === 0 ? [undefined] : run.items;
        return items.map((item, i) => [i === 0 ? id : `${id} ${i + 1}`, { run, item }] as const);
      }),
    ({ run, item }) => [run, item, shelf, kinds],
    ({ run, item }): PackLine => {
      const own = item === undefined ? undefined : shelf.items[item];
      const sold = run.wanted.value === null ? '' : `, ${String(run.wanted.value)} m`;
      return {
        group: 'Cables',
        label: own ? (kinds.kinds[own.kind]?.label ?? 'Cable') : `Cable, ${run.makeWords}${sold}`,
        purpose: run.label,
        ...{ tape: own?.tape, item, kind: own?.kind },
        ...{ count: 1, inside: undefined },
      };
    },
  );
  const fittingLines = memo.once('fittings', [devices, kinds, shelf], () =>
    fittingsOf(devices, kinds, shelf),
  );
  const joinerLines = memo.once('joiners', [runs.runs, shelf, kinds], () =>
    joinersOf(runs.runs, kinds, shelf),
  );
  const { taped, ramped, hooks, mats } = runs;
  const floor = memo.once('floor', [taped, ramped], () => floorNeeds(runs));
  const lines = memo.once(
    'lines',
    [deviceLines, fittingLines, cableLines, joinerLines, floor, hooks, mats, shelf, kinds],
    () => ({
      ...deviceLines,
      ...fittingLines,
      ...cableLines,
      ...joinerLines,
      ...floorLines({ ...floor, hooks, mats }, kinds, shelf),
    }),
  );
  const counts = memo.once('counts', [lines, kinds], () => countsOf(lines, kinds));
  return memo.once('result', [lines, counts, floor], () => ({ lines, ...counts, ...floor }));
}

/** Connectors of which two cables are joined by a piece between them; others go straight into each other. */
const JOINED: ReadonlySet<RunResult['connector']> = new Set(['BNC', 'RJ45', 'fibre LC', 'TRS 3.5', 'RCA']);

/** Joiners for leads of several cables, one line for each connector. */
function joinersOf(runs: RunsResult['runs'], kinds: Kinds, shelf: Shelf): Record<string, PackLine> {
  const wanted = new Map<RunResult['connector'], { count: number; labels: string[] }>();
  for (const { connector, items, label } of Object.values(runs)) {
    if (items.length < 2 || !JOINED.has(connector)) continue;
    const known = wanted.get(connector) ?? { count: 0, labels: [] };
    wanted.set(connector, { count: known.count + items.length - 1, labels: [...known.labels, label] });
  }
  return Object.fromEntries(
    [...wanted].map(([connector, { count, labels }]): [string, PackLine] => {
      const isJoiner = (kind: string): boolean => {
        const { family, ports = {} } = kinds.kinds[kind] ?? {};
        const own = Object.values(ports);
        return (
          family === 'adapter' &&
          own.length === 2 &&
          own.every(port => port.connector === connector && !port.ends)
        );
      };
      const [item, own] =
        inOrder(shelf.items).find(([, { kind, state }]) => state === 'ready' && isJoiner(kind)) ?? [];
      return [
        `joiners ${connector}`,
        {
          ...{
            group: 'Adapters',
            label: `Joiner, ${connector} socket to socket`,
            purpose: labels.join(', '),
          },
          ...{ tape: own?.tape, item, kind: own?.kind, count, inside: undefined },
        },
      ];
    }),
  );
}

type FloorNeeds = Pick<PackResult, 'tapeRolls' | 'rampPieces'>;

/** Tape and ramps that the leads on the floor ask for. */
function floorNeeds({ taped, ramped }: RunsResult): FloorNeeds {
  const tapeRolls = calc(
    'rolls',
    'ceil(taped / roll)',
    [taken('taped', taped, 'runs.taped'), constant('roll', 50, 'm', 'cloth tape, rolls of 50 m')],
    { rule: 'one strip along whatever lies on the floor, two where more than three leads lie together' },
  );
  const rampPieces = calc('pieces', 'ceil(width / piece)', [
    taken('width', ramped, 'runs.ramped'),
    constant('piece', 0.9, 'm', 'ramps come in pieces of 0.9 m'),
  ]);
  return { tapeRolls, rampPieces };
}

function floorLines(
  { tapeRolls, rampPieces, hooks, mats }: FloorNeeds & Pick<RunsResult, 'hooks' | 'mats'>,
  kinds: Kinds,
  shelf: Shelf,
): Record<string, PackLine> {
  const lines: Record<string, PackLine> = {};
  const counted = (key: string, family: Family, words: string, purpose: string, count: Figure): void => {
    const wanted = Number(count.value ?? 0);
    if (wanted === 0) return;
    const stock = inOrder(shelf.items).find(([, item]) => kinds.kinds[item.kind]?.family === family);
    lines[key] = {
      group: 'Floor',
      label: stock ? (kinds.kinds[stock[1].kind]?.label ?? words) : words,
      purpose,
      tape: stock?.[1].tape,
      item: stock?.[0],
      kind: stock?.[1].kind,
      count: wanted,
      inside: undefined,
    };
  };
  counted('tape00000', 'tape', 'Cloth tape, roll of 50 m', 'leads on the floor', tapeRolls);
  counted('ramps0000', 'ramp', 'Cable ramp, 0.9 m', 'crossings of clear aisles', rampPieces);
  counted('hooks0000', 'hook', 'Hook for leads over a door', 'doors that leads go over', hooks);
  counted('mats00000', 'mat', 'Cable mat, 0.9 m', 'openings that people walk through', mats);
  return lines;
}

function countsOf(
  lines: Readonly<Record<string, PackLine>>,
  kinds: Kinds,
): Pick<PackResult, 'pieces' | 'missing' | 'weight'> {
  return {
    pieces: found(
      Object.values(lines).reduce((sum, line) => sum + line.count, 0),
      'pieces',
      'every line of the checklist by its count',
    ),
    missing: found(
      Object.values(lines).filter(line => line.item === undefined).length,
      'pieces',
      'lines of the checklist for which nothing on the shelf is set aside',
    ),
    weight: calc(
      'kg',
      'sum(item)',
      Object.values(lines).flatMap(line => {
        const weight = line.kind === undefined ? undefined : kinds.kinds[line.kind]?.weight;
        return weight === undefined || line.group === 'Floor'
          ? []
          : [given('item', weight, 'kg', 'kinds', `/kinds/${line.kind ?? ''}/weight`)];
      }),
      { rule: 'everything that was weighed, without tape and ramps' },
    ),
  };
}

function deviceLine(
  device: Equipment,
  devices: MapOf<Equipment> | undefined,
  kinds: Kinds,
  shelf: Shelf,
): PackLine {
  const kind = kinds.kinds[device.kind];
  return {
    group: (kind && FAMILY_GROUP[kind.family]) ?? 'Desk',
    label: kind?.label ?? 'Unknown kind',
    purpose: device.label,
    tape: device.item === undefined ? undefined : shelf.items[device.item]?.tape,
    item: device.item !== undefined && shelf.items[device.item] ? device.item : undefined,
    kind: device.kind,
    count: 1,
    inside: devices?.[device.place?.inside ?? '']?.label,
  };
}

/** What is chosen by kind for a camera: its stand and its lens. */
const BY_KIND = [
  ['support', 'stand', 'Cases and stands'],
  ['lens', 'lens', 'Cameras'],
] as const;

/** Stands and lenses of cameras: for each the first of its kind on the shelf that is ready and not taken yet. */
function fittingsOf(
  devices: MapOf<Equipment> | undefined,
  kinds: Kinds,
  shelf: Shelf,
): Record<string, PackLine> {
  const taken = new Set(inOrder(devices).map(([, { item }]) => item));
  const lines: Record<string, PackLine> = {};
  for (const [id, device] of inOrder(devices)) {
    for (const [field, name, group] of BY_KIND) {
      const of = device[field];
      const kind = of === undefined ? undefined : kinds.kinds[of];
      if (of === undefined || !kind || device.resident) continue;
      const [item, own] =
        inOrder(shelf.items).find(
          ([key, each]) => each.kind === of && each.state === 'ready' && !taken.has(key),
        ) ?? [];
      if (item !== undefined) taken.add(item);
      lines[`${name} ${id}`] = {
        ...{ group, label: kind.label, purpose: device.label, tape: own?.tape, item },
        ...{ kind: of, count: 1, inside: undefined },
      };
    }
  }
  return lines;
}

export const pack: Station<PackReads, PackResult> = {
  name: 'pack',
  rules: [itemUnfit, notOwned, claimed, stockShort],
  compute,
};
