/** What a plan uses of its venue, and what answers to it in another one. */
import type { Plan, Venue } from '../documents/index.js';
import { inOrder, type MapOf } from '../foundations/index.js';

/** The maps of a venue that a plan refers to by id. */
export const REFERRED = ['marks', 'sockets', 'networkSockets', 'areas', 'residents', 'houseLines'] as const;
export type Referred = (typeof REFERRED)[number];

export interface Match {
  readonly map: Referred;
  /** Id in the venue it is moved from. */
  readonly from: string;
  readonly label: string;
  /** Id in the venue it is moved to; undefined when nothing there answers to it. */
  readonly to: string | undefined;
  /** By the same name, by a name that shares a word, or because it is the only one of its kind. */
  readonly by: 'name' | 'word' | 'kind' | undefined;
  /** What it may be matched with instead. */
  readonly options: readonly (readonly [id: string, label: string])[];
}

const words = (label: string): string[] => label.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? [];
const plain = (label: string): string => words(label).join(' ');
/** Words that say where, not what. */
const SMALL: ReadonlySet<string> = new Set([
  'the',
  'a',
  'of',
  'by',
  'in',
  'at',
  'under',
  'over',
  'and',
  'for',
  'to',
]);

/** Ids that a plan refers to, by map, in the order in which it does; `venue` is where it stands now. */
export function usedOf(plan: Plan, venue: Venue): Readonly<Record<Referred, readonly string[]>> {
  const used: Record<Referred, Set<string>> = {
    marks: new Set(),
    sockets: new Set(),
    networkSockets: new Set(),
    areas: new Set(),
    residents: new Set(),
    houseLines: new Set(),
  };
  const note = (map: Referred, id: string | undefined): void => void (id === undefined || used[map].add(id));
  for (const [, { mark }] of inOrder(plan.shots)) note('marks', mark);
  for (const [, { mark }] of inOrder(plan.runningOrder)) note('marks', mark);
  for (const [, { from, to }] of inOrder(plan.links)) {
    for (const end of [from, to]) {
      note('sockets', end.socket);
      note('networkSockets', end.networkSocket);
    }
  }
  for (const [, { place, house }] of inOrder(plan.devices)) {
    note('areas', place?.level);
    if (house !== undefined) note(venue.houseLines?.[house] ? 'houseLines' : 'residents', house);
  }
  return {
    marks: [...used.marks],
    sockets: [...used.sockets],
    networkSockets: [...used.networkSockets],
    areas: [...used.areas],
    residents: [...used.residents],
    houseLines: [...used.houseLines],
  };
}

interface Named {
  readonly label: string;
  /** What house gear is, and what a house line is made of: unlike ones never answer to each other. */
  readonly what?: string;
  readonly make?: string;
}

const sortOf = ({ what, make }: Named): string => what ?? make ?? '';

const recordsOf = (venue: Venue, map: Referred): MapOf<Named> =>
  map === 'areas'
    ? Object.fromEntries(inOrder(venue.areas).filter(([, { kind }]) => kind === 'gallery'))
    : (venue[map] ?? {});

/**
 * Matches what the plan uses of one venue with another: by the same name first, then by a word in common, then,
 * where there is just one of a kind on either side, by kind. Nothing is matched twice.
 */
export function matchVenues(plan: Plan, from: Venue, to: Venue): Match[] {
  const used = usedOf(plan, from);
  return REFERRED.flatMap(map => {
    const theirs = inOrder(recordsOf(to, map));
    const options = theirs.map(([id, record]) => [id, record.label, sortOf(record)] as const);
    const free = new Map(theirs);
    const wanted = used[map].flatMap(id => {
      const record = recordsOf(from, map)[id];
      return record ? [{ id, label: record.label, sort: sortOf(record) }] : [];
    });
    const found = new Map<string, { to: string; by: Match['by'] }>();
    const take = (by: Match['by'], fits: (label: string, other: string) => boolean): void => {
      for (const { id, label, sort } of wanted) {
        if (found.has(id)) continue;
        const hit = [...free].find(([, other]) => sort === sortOf(other) && fits(label, other.label));
        if (!hit) continue;
        free.delete(hit[0]);
        found.set(id, { to: hit[0], by });
      }
    };
    take('name', (label, other) => plain(label) === plain(other));
    take('word', (label, other) => {
      const theirWords = new Set(words(other));
      return words(label).some(word => !SMALL.has(word) && theirWords.has(word));
    });
    const alone = ({ sort }: { sort: string }): boolean =>
      wanted.filter(each => each.sort === sort).length === 1 &&
      theirs.filter(([, each]) => sortOf(each) === sort).length === 1;
    const lone = new Set(wanted.filter(alone).map(({ label }) => label));
    take('kind', label => lone.has(label));
    return wanted.map(({ id, label, sort }): Match => ({
      map,
      from: id,
      label,
      options: options.flatMap(([other, name, theirSort]) => (theirSort === sort ? [[other, name]] : [])),
      to: found.get(id)?.to,
      by: found.get(id)?.by,
    }));
  });
}

export type Answers = Readonly<Record<Referred, Readonly<Record<string, string | undefined>>>>;

/** What matches say, by map and id. */
export function answersOf(matches: readonly Match[]): Answers {
  const of = (map: Referred): Record<string, string | undefined> =>
    Object.fromEntries(matches.filter(match => match.map === map).map(({ from, to }) => [from, to]));
  return Object.fromEntries(REFERRED.map(map => [map, of(map)])) as Answers;
}
