/** Every case of a plan: what is in it, what it weighs, and by how many it is lifted. */
import type { Kinds } from '../../../documents/index.js';
import {
  constant,
  given,
  inOrder,
  numberOf,
  taken,
  type Figure,
  type MapOf,
  type Term,
} from '../../../foundations/index.js';
import type { Equipment } from '../../equipment.js';
import { isCaseKind } from '../packing/travels.js';
import type { PackLine, PackLines } from '../result.js';
import * as figures from './figures.js';
import { ANYBODY, LIFTS, TOO_HEAVY, type CaseResult, type Lift, type LiftName } from './lifts.js';
import { atEnd, atStart, couplingOf, frequencyOf, index, liftTerms, reachOf, recommended } from './niosh.js';

/** Minutes between one case and the next. House figure. */
const EVERY = 2;
/** Of what so many people may lift alone together, they may lift as a team. House rule. */
const SHARE: Readonly<Record<number, number>> = { 1: 1, 2: 2 / 3, 3: 1 / 2 };
const MOST = 3;

export interface CasesIn {
  readonly lines: PackLines;
  readonly travels: Readonly<Record<string, readonly string[]>>;
  readonly devices: MapOf<Equipment> | undefined;
  readonly kinds: Kinds['kinds'];
}

/** Lines of the checklist that each case holds, those of a case in it included. */
export function contentsOf({
  lines,
  travels,
  devices,
  kinds,
}: CasesIn): Readonly<Record<string, Readonly<Record<string, PackLine>>>> {
  const contents: Record<string, Record<string, PackLine>> = {};
  for (const [id, { kind, resident }] of inOrder(devices))
    if (isCaseKind(kinds[kind]) && resident !== true) contents[id] = {};
  for (const [id, line] of Object.entries(lines))
    for (const at of travels[id] ?? []) Object.assign(contents[at] ?? {}, { [id]: line });
  return contents;
}

export interface CaseOf {
  readonly contents: Readonly<Record<string, PackLine>>;
  readonly devices: MapOf<Equipment> | undefined;
  readonly kinds: Kinds['kinds'];
  /** How many cases there are to lift. */
  readonly cases: number;
}

export function caseResult(id: string, { contents, devices, kinds, cases }: CaseOf): CaseResult {
  const device = devices?.[id];
  const kind = kinds[device?.kind ?? ''];
  const inside = Object.values(contents);
  const weighed = [weightTerm(device, kinds), ...inside.map(line => weightTerm(line, kinds))];
  const weight = figures.caseWeight.calc(
    [id],
    weighed.filter(each => each !== undefined),
  );
  const lifts = {
    step: liftOf(id, 'step', weight, { kind, cases }),
    boot: liftOf(id, 'boot', weight, { kind, cases }),
    table: liftOf(id, 'table', weight, { kind, cases }),
  };
  const left = device?.lifters === undefined ? undefined : leftTo(id, device.lifters, weight);
  return {
    label: device?.label ?? id,
    wheels: kind?.carry?.wheels === true,
    pieces: figures.casePieces.found(
      [id],
      inside.reduce((sum, { count }) => sum + count, 0),
    ),
    unweighed: figures.caseUnweighed.found([id], weighed.filter(each => each === undefined).length),
    weight,
    lifts,
    people: peopleFor(id, weight, lifts),
    ...(left && { left }),
  };
}

/** What a line weighs; undefined where its kind was not weighed. */
export function weightTerm(
  line: { readonly kind?: string | undefined; readonly count?: number } | undefined,
  kinds: Kinds['kinds'],
): Term | undefined {
  const { kind = '', count = 1 } = line ?? {};
  const weight = kinds[kind]?.weight;
  if (weight === undefined) return undefined;
  return count === 1
    ? given('item', weight, 'kg', 'kinds', `/kinds/${kind}/weight`)
    : constant('item', weight * count, 'kg', `${count} × ${kinds[kind]?.label ?? ''}`);
}

function liftOf(
  id: string,
  name: LiftName,
  weight: Figure,
  { kind, cases }: { readonly kind: Kinds['kinds'][string] | undefined; readonly cases: number },
): Lift {
  const ids: [string, string] = [id, name];
  const { width, depth, height } = kind?.size ?? {};
  const frequency = frequencyOf(1 / EVERY, cases * EVERY);
  const unknown = (why: string): Lift => ({
    atStart: atStart.unknown(ids, why),
    atEnd: atEnd.unknown(ids, why),
    recommended: recommended.unknown(ids, why),
    index: index.unknown(ids, why),
  });
  if (width === undefined || depth === undefined || height === undefined)
    return unknown('how large it is outside was not measured');
  if (frequency === undefined) return unknown('two hours of lifting: rest, or take more hands');
  const { handles = 'fair', grip = height / 2 } = kind?.carry ?? {};
  const { to } = LIFTS[name];
  const at = (hands: number): Term[] =>
    liftTerms({
      mass: constant('mass', ANYBODY, 'kg', 'nobody is named'),
      reach: reachOf(Math.min(width, depth), hands),
      hands,
      way: to,
      turn: 0,
      frequency,
      coupling: couplingOf(handles, hands),
    });
  const [start, end] = [atStart.calc(ids, at(grip)), atEnd.calc(ids, at(grip + to))];
  const most = recommended.calc(ids, [taken('start', start), taken('end', end)]);
  return {
    atStart: start,
    atEnd: end,
    recommended: most,
    index: index.calc(ids, [taken('weight', weight), taken('recommended', most)]),
  };
}

/** What a team may lift, kg. */
const teamLimit = (people: number): number => (SHARE[people] ?? 0) * people * ANYBODY;

function peopleFor(id: string, weight: Figure, lifts: CaseResult['lifts']): Figure {
  const indices = Object.values(lifts).map(({ index: each }) => numberOf(each));
  const terms = [
    taken('weight', weight),
    ...Object.values(lifts).map(({ index: each }) => taken('index', each)),
    constant('each', ANYBODY, 'kg', 'where nobody is named'),
  ];
  const kg = numberOf(weight) ?? 0;
  if (indices.every(each => each !== undefined && each <= 1)) return figures.casePeople.found([id], 1, terms);
  if (indices.includes(undefined) && kg <= teamLimit(MOST))
    return figures.casePeople.unknown([id], 'how one person lifts it is not known', terms);
  for (let people = 2; people <= MOST; people++)
    if (kg <= teamLimit(people)) return figures.casePeople.found([id], people, terms);
  return figures.casePeople.unknown([id], TOO_HEAVY, terms);
}

function leftTo(id: string, people: number, weight: Figure): Figure | undefined {
  if (people < 2) return undefined;
  return figures.teamLeft.calc(
    [id],
    [
      constant('share', SHARE[people] ?? 0, '', 'of what they may lift alone'),
      constant('people', people, '', 'who lift it'),
      constant('each', ANYBODY, 'kg', 'where nobody is named'),
      taken('weight', weight),
    ],
  );
}
