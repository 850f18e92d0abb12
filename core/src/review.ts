/** What people signed: accepted snags and buckled stations, and what has changed since. */
import type { Acceptance, Plan, Rules, ShownFigure } from './documents/index.js';
import {
  figureAt,
  figuresIn,
  idFrom,
  showText,
  STATIONS,
  type Figure,
  type Operation,
  type Reading,
  type Snag,
  type StationName,
} from './foundations/index.js';
import { editPlan } from './edits.js';

export interface AcceptedSnag {
  readonly snag: Snag;
  readonly acceptance: Acceptance;
}

/** One thing that is not as it was when a station was buckled. */
export interface Difference {
  readonly path: string;
  readonly before: string;
  readonly now: string;
}

export interface BuckleState {
  readonly state: 'open' | 'buckled' | 'reopened';
  readonly by?: string;
  readonly at?: string;
  readonly differences: readonly Difference[];
}

type Trees = Readonly<Partial<Record<StationName, object>>>;

/** How figures are read in this event. */
export const readingOf = (plan: Plan, rules: Rules): Reading => ({
  system: rules.units,
  zone: plan.zone,
  dates: rules.dates,
  currency: rules.currency,
});

const shownText = (figure: Figure | undefined, reading: Reading): string =>
  figure
    ? figure.value === null
      ? `– ${figure.why ?? ''}`.trim()
      : showText(figure.value, figure.unit, reading)
    : '–';

/** Compares what was signed with what is now, at the precision people read. */
export function review(
  plan: Plan,
  results: Trees,
  rules: Rules,
  snags: readonly Snag[],
): {
  snags: readonly Snag[];
  accepted: readonly AcceptedSnag[];
  buckles: Readonly<Record<StationName, BuckleState>>;
} {
  const reading = readingOf(plan, rules);
  const bySnag = new Map(Object.values(plan.accepted ?? {}).map(acceptance => [acceptance.snag, acceptance]));
  const accepted: AcceptedSnag[] = [];
  const open: Snag[] = [];
  for (const snag of snags) {
    const acceptance = bySnag.get(snag.id);
    const holds =
      acceptance?.figures.every(({ path, shown }) => shownText(figureAt(results, path), reading) === shown) ??
      false;
    if (acceptance && holds) accepted.push({ snag, acceptance });
    else open.push(snag);
  }
  const buckles = Object.fromEntries(
    STATIONS.map(name => [name, buckleState(name, plan, results, reading, snags)]),
  ) as Record<StationName, BuckleState>;
  return { snags: open, accepted, buckles };
}

/** Every figure of a station as it is shown now. */
function shownFigures(name: StationName, results: Trees, reading: Reading): ShownFigure[] {
  return [...figuresIn(results[name], name)].map(([path, figure]) => ({
    path: path.slice(0, 200),
    shown: shownText(figure, reading).slice(0, 200),
  }));
}

const snagLines = (name: StationName, snags: readonly Snag[]): ShownFigure[] =>
  snags
    .filter(snag => snag.station === name)
    .map(snag => ({ path: snag.id.slice(0, 200), shown: `${snag.severity}: ${snag.title}`.slice(0, 200) }));

function buckleState(
  name: StationName,
  plan: Plan,
  results: Trees,
  reading: Reading,
  snags: readonly Snag[],
): BuckleState {
  const buckle = plan.buckles?.[name];
  if (!buckle) return { state: 'open', differences: [] };
  const differences = [
    ...differencesOf(buckle.figures, shownFigures(name, results, reading)),
    ...differencesOf(buckle.snags, snagLines(name, snags)),
  ];
  const state = differences.length === 0 ? 'buckled' : 'reopened';
  return { state, by: buckle.by, at: buckle.at, differences };
}

function differencesOf(before: readonly ShownFigure[], now: readonly ShownFigure[]): Difference[] {
  const was = new Map(before.map(({ path, shown }) => [path, shown]));
  const is = new Map(now.map(({ path, shown }) => [path, shown]));
  return [...new Set([...was.keys(), ...is.keys()])]
    .filter(path => was.get(path) !== is.get(path))
    .map(path => ({ path, before: was.get(path) ?? 'none', now: is.get(path) ?? 'none' }));
}

interface Signature {
  readonly by: string;
  readonly at: string;
}

/** The operations that buckle a station: name, time, and what its figures and snags say now. */
export function bucklePatch(
  name: StationName,
  plan: Plan,
  results: Trees & { readonly rules: Rules },
  allSnags: readonly Snag[],
  { by, at }: Signature,
): Operation[] {
  const reading = readingOf(plan, results.rules);
  const value = {
    by,
    at,
    figures: shownFigures(name, results, reading),
    snags: snagLines(name, allSnags),
  };
  return editPlan(plan).put('buckles', name, value).patch;
}

/** The operations that accept a snag by name with a reason, as its figures stand. */
export function acceptPatch(
  snag: Snag,
  plan: Plan,
  results: Trees & { readonly rules: Rules },
  { by, at, reason }: Signature & { readonly reason: string },
): Operation[] {
  const reading = readingOf(plan, results.rules);
  const figures = snag.because.map(path => ({ path, shown: shownText(figureAt(results, path), reading) }));
  const value = { snag: snag.id, by, at, reason, figures };
  return editPlan(plan).put('accepted', idFrom(snag.id), value).patch;
}
