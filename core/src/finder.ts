/** What can be looked for by name in an event: its things, and every declared figure of them. */
import type { Assessment } from './assess.js';
import type { Bundle, Venue } from './documents/index.js';
import { partsOf, type Part } from './drafting/index.js';
import { figureAt, inOrder, showText, type Figure, type StationName } from './foundations/index.js';
import { allFigures } from './report.js';
import { readingOf } from './review.js';
import { namesOf } from './stations/shots/words.js';

/** Something that has a name, and where to look at it. */
export interface Findable {
  readonly id: string;
  readonly label: string;
  readonly what: string;
  readonly station: StationName;
  /** The path of the figure that it is; absent for things. */
  readonly figure?: string;
}

/** What is drawn in a venue; `kindWords` says what kind of thing a part is. */
export const partsToFind = (venue: Venue, kindWords: (part: Part) => string): Findable[] =>
  partsOf(venue).map(part => ({
    id: part.path.split('/').at(-1) ?? '',
    label: part.label,
    what: kindWords(part),
    station: 'ground',
  }));

/** Devices, leads, roles and tape codes. */
export function thingsToFind(
  { plan, kinds }: Pick<Bundle, 'plan' | 'kinds'>,
  { runs, hands, pack }: Assessment,
): Findable[] {
  return [
    ...inOrder(plan.devices).map(([id, device]): Findable => {
      const kind = kinds.kinds[device.kind];
      const station =
        kind?.optics || kind?.lamp ? 'shots' : kind?.family === 'rack case' ? 'racks' : 'signal';
      return { id, label: device.label, what: kind?.label ?? 'device', station };
    }),
    ...Object.entries(runs.runs).map(([id, run]): Findable => ({
      id,
      label: run.label,
      what: `${run.makeWords} ${String(run.cable.value ?? '')}`,
      station: 'runs',
    })),
    ...Object.values(hands.roles).map(({ key, label }): Findable => ({
      id: key,
      label,
      what: 'role',
      station: 'hands',
    })),
    ...Object.entries(pack.lines).flatMap(([id, { tape, label, purpose }]): Findable[] =>
      tape ? [{ id, label: tape, what: `${label}, for ${purpose}`, station: 'pack' }] : [],
    ),
  ];
}

/** Every figure by its label, with the names of what it is of and its value as people read it. */
export function figuresToFind({ plan }: Pick<Bundle, 'plan'>, assessment: Assessment): Findable[] {
  const reading = readingOf(plan, assessment.rules);
  const names = namesById(plan, assessment);
  return allFigures(assessment).map(([path, { of, value, unit, why }]) => {
    const ids = idsIn(of.key, path);
    const whose = ids.map(id => names.get(id) ?? id).join(', ');
    const shown = value === null ? (why ?? 'not known') : showText(value, unit, reading);
    return {
      id: ids[0] ?? '',
      label: of.label,
      what: whose ? `${whose}: ${shown}` : shown,
      station: stationOf(path),
      figure: path,
    };
  });
}

/**
 * What is called so, at most `most`: the very name first, then names that begin so, then whatever has every word
 * anywhere; things before figures.
 */
export function findCalled(all: readonly Findable[], text: string, most: number): Findable[] {
  const wanted = text.trim().toLowerCase();
  const pieces = wanted.split(/\s+/);
  const rank = ({ label, figure }: Findable): number => {
    const name = label.toLowerCase();
    return (name === wanted ? 0 : name.startsWith(wanted) ? 1 : 2) + (figure === undefined ? 0 : 3);
  };
  return all
    .filter(({ label, what }) => {
      const words = `${label} ${what}`.toLowerCase();
      return pieces.every(piece => words.includes(piece));
    })
    .map((hit): [Findable, number] => [hit, rank(hit)])
    .sort(([, a], [, b]) => a - b)
    .slice(0, most)
    .map(([hit]) => hit);
}

const stationOf = (path: Figure['path']): StationName => path.slice(0, path.indexOf('.')) as StationName;

/** The ids of a path: what stands where its key has a `*`. */
function idsIn(key: string, path: string): string[] {
  const parts = path.split('.');
  return key.split('.').flatMap((part, i) => (part === '*' ? [parts[i] ?? ''] : []));
}

/** What people call whatever a figure may be of. */
function namesById(
  plan: Bundle['plan'],
  { ground: { venue }, runs, hands, shots }: Assessment,
): ReadonlyMap<string, string> {
  const shotNames = { shots: plan.shots, cameras: shots.cameras, marks: venue.marks };
  return new Map([
    ...partsOf(venue).map(({ path, label }): [string, string] => [path.split('/').at(-1) ?? '', label]),
    ...inOrder(venue.circuits).map(([id, { label }]): [string, string] => [id, label]),
    ...inOrder(plan.devices).map(([id, { label }]): [string, string] => [id, label]),
    ...inOrder(plan.outputs).map(([id, { label }]): [string, string] => [id, label]),
    ...inOrder(plan.runningOrder).map(([id, { label }]): [string, string] => [id, label]),
    ...inOrder(plan.shots).map(([id]): [string, string] => [id, namesOf(shotNames, id).shot]),
    ...Object.entries(runs.runs).map(([id, { label }]): [string, string] => [id, label]),
    ...Object.values(hands.roles).map(({ key, label }): [string, string] => [key, label]),
  ]);
}

/**
 * What people call something that is not as it was when a station was buckled: `C2 NORTH: Gain`. A snag, and a figure
 * of something that is gone, are called what they are.
 */
export function differenceWords(path: string, plan: Bundle['plan'], assessment: Assessment): string {
  if (path.includes(':')) return 'a snag';
  const figure = figureAt(assessment, path);
  const names = namesById(plan, assessment);
  const ids = figure ? idsIn(figure.of.key, path) : path.split('.').filter(part => names.has(part));
  const whose = ids.map(id => names.get(id) ?? 'something that is gone').join(', ');
  const label = figure?.of.label ?? 'what was worked out of it then';
  return whose ? `${whose}: ${label}` : label;
}
