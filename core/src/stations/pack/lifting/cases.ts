/** Every case of a plan: what is in it, what it weighs, and by how many it is lifted. */
import type { Facts, Kinds } from '../../../documents/index.js';
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
import { byAirliner } from './by-air.js';
import { atDoor } from './doors.js';
import * as figures from './figures.js';
import { liftersOf, NOBODY, type Lifter, type People } from './lifters.js';
import { fewestFor, leftOnStairs, leftTo, lifterResults, peopleOnStairs } from './teams.js';
import { pushOf } from './push.js';
import { LIFTS, TOO_HEAVY, type CaseResult, type Lift, type LiftName } from './lifts.js';
import { atEnd, atStart, couplingOf, frequencyOf, index, liftTerms, reachOf, recommended } from './niosh.js';

/** Minutes between one case and the next. House figure. */
const EVERY = 2;

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
  readonly people: People;
  readonly way: Facts['way'];
}

export function caseResult(id: string, { contents, devices, kinds, cases, people, way }: CaseOf): CaseResult {
  const device = devices?.[id];
  const kind = kinds[device?.kind ?? ''];
  const inside = Object.values(contents);
  const weighed = [weightTerm(device, kinds), ...inside.map(line => weightTerm(line, kinds))];
  const weight = figures.caseWeight.calc(
    [id],
    weighed.filter(each => each !== undefined),
  );
  const team = liftersOf(device, people);
  const [alone = NOBODY, another] = team ?? [];
  const mass = (another ? NOBODY : alone).each;
  const lift = (name: LiftName): Lift => liftOf(id, name, weight, { kind, cases, mass });
  const lifts = { step: lift('step'), boot: lift('boot'), table: lift('table') };
  const left = team && leftTo(id, team, weight);
  const wheels = kind?.carry?.wheels === true;
  const door = atDoor(id, kind, way);
  return {
    label: device?.label ?? id,
    wheels,
    by: team?.length,
    pieces: figures.casePieces.found(
      [id],
      inside.reduce((sum, { count }) => sum + count, 0),
    ),
    unweighed: figures.caseUnweighed.found([id], weighed.filter(each => each === undefined).length),
    ...{ weight, lifts, people: peopleFor(id, weight, lifts) },
    ...(left && { left }),
    lifters: team ? lifterResults(id, team, weight) : {},
    ...((way?.steps ?? 0) > 0 && upTheSteps(id, team, weight)),
    ...(wheels && { push: pushOf(id, weight, { way, lifters: team }) }),
    ...(door && { door }),
    air: byAirliner(id, kind, weight),
  };
}

function upTheSteps(
  id: string,
  team: readonly Lifter[] | undefined,
  weight: Figure,
): Pick<CaseResult, 'stairsPeople' | 'stairsLeft'> {
  const stairsLeft = team && leftOnStairs(id, team, weight);
  return { stairsPeople: peopleOnStairs(id, weight), ...(stairsLeft && { stairsLeft }) };
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
  {
    kind,
    cases,
    mass,
  }: {
    readonly kind: Kinds['kinds'][string] | undefined;
    readonly cases: number;
    /** Of whoever lifts it alone. */
    readonly mass: Term;
  },
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
      mass,
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

function peopleFor(id: string, weight: Figure, lifts: CaseResult['lifts']): Figure {
  const indices = Object.values(lifts).map(({ index: each }) => numberOf(each));
  const terms = [
    taken('weight', weight),
    ...Object.values(lifts).map(({ index: each }) => taken('index', each)),
    NOBODY.each,
  ];
  const fewest = fewestFor(numberOf(weight) ?? 0);
  if (indices.every(each => each !== undefined && each <= 1)) return figures.casePeople.found([id], 1, terms);
  if (fewest === undefined) return figures.casePeople.unknown([id], TOO_HEAVY, terms);
  if (indices.includes(undefined))
    return figures.casePeople.unknown([id], 'how one person lifts it is not known', terms);
  return figures.casePeople.found([id], Math.max(fewest, 2), terms);
}
