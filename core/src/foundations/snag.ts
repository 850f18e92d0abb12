/** Snags: what would stop the show, what could bite, what is worth knowing, and their fixes. */
import type { Operation } from './patch.js';
import type { Figure } from './figure.js';
import { compareText } from './order.js';
import type { Parts } from './parts.js';
import { SEVERITIES, type Severity } from './severity.js';

export type StationName =
  'brief' | 'ground' | 'shots' | 'signal' | 'stream' | 'runs' | 'power' | 'racks' | 'pack' | 'hands' | 'day';

export const STATIONS: readonly StationName[] = [
  'brief',
  'ground',
  'shots',
  'signal',
  'stream',
  'runs',
  'power',
  'racks',
  'pack',
  'hands',
  'day',
];

/** Stations that are worked on over the one plan of the place; the others bring a bench of their own. */
export const ON_PLAN: ReadonlySet<StationName> = new Set<StationName>(['ground', 'shots', 'runs', 'power']);

export interface Snag {
  /** Stable: the rule and its subjects, never a position in a list. */
  readonly id: string;
  readonly rule: string;
  readonly severity: Severity;
  readonly station: StationName;
  /** Ids of the records it is about, the one to select first. */
  readonly subjects: readonly string[];
  readonly title: string;
  /** Paths of the figures that led to it. */
  readonly because: readonly string[];
  /** Ids of the wanted outputs it endangers. */
  readonly outputs: readonly string[];
  /** One line for a snag that no edit can cure. */
  readonly advice?: string;
}

export interface DocumentPatch {
  readonly document: 'plan' | 'venue' | 'rules' | 'kinds';
  readonly patch: readonly Operation[];
}

export interface Fix {
  readonly label: string;
  readonly changes: readonly DocumentPatch[];
  /** What sort of fix it is: no more than a few of one sort are offered. */
  readonly way?: string;
}

/** A fix that was tried and works, with what else it brings. */
export interface OfferedFix extends Pick<Fix, 'label' | 'changes'> {
  /** Titles of the snags that come with it, and how many others it cures. */
  readonly costs: readonly string[];
  readonly cures: number;
  /** What it takes away of what a person made or wants, in words: no key applies such a fix. */
  readonly loses: readonly string[];
}

/** What a rule says of one finding; station, rule name and id are added when it is made a snag. */
export type Finding = Omit<Snag, 'id' | 'rule' | 'station' | 'outputs' | 'because'> & {
  readonly outputs?: readonly string[];
  /** The figures that led to it. */
  readonly because: readonly Figure[];
};

/** One check of a station. What is offered to a person is first tried: see `fixesFor`. */
export interface Rule<Seen> {
  readonly rule: string;
  readonly station: StationName;
  /** What the rule is handed of all that the station sees. */
  reads(this: void, seen: Seen): object;
  /** What it finds in that. */
  find(this: void, input: never): Iterable<Finding>;
  /** Of a rule that looks at one record after the other: which, and what it finds in one; `find` does so with all. */
  readonly each?: {
    readonly records: (seen: Seen) => Readonly<Record<string, unknown>>;
    readonly reads: (seen: Seen) => object;
    readonly find: (id: string, record: never, input: never) => Iterable<Finding>;
  };
  /** Proposes edits for one of its snags, best first; run on demand only. */
  fixes?(snag: Snag, seen: Seen): Iterable<Fix>;
}

/** A rule as it is written: `find` gets exactly what `reads` picks; `fixes` may look at the whole station. */
export interface WrittenRule<Seen, In extends object> {
  readonly rule: string;
  reads(this: void, seen: Seen): In;
  find(this: void, input: In): Iterable<Finding>;
  fixes?(snag: Snag, seen: Seen): Iterable<Fix>;
}

/** Makes the rules of a station. */
export const rulesOf =
  <Seen extends object>(station: StationName) =>
  <In extends object>(rule: WrittenRule<Seen, In>): Rule<Seen> => ({ ...rule, station });

/** A rule that looks at one record of its station's result after the other. */
export interface WrittenRuleOfEach<Seen, Of, In extends object> extends Omit<WrittenRule<Seen, In>, 'find'> {
  find(this: void, id: string, record: Of, input: In): Iterable<Finding>;
}

/** Makes the rules of a station that look at one record after the other, and again only at one that has changed. */
export const rulesOfEach =
  <Seen extends object, Of>(station: StationName, records: (seen: Seen) => Readonly<Record<string, Of>>) =>
  <In extends object>({ reads, find, ...rule }: WrittenRuleOfEach<Seen, Of, In>): Rule<Seen> => ({
    ...rule,
    station,
    reads: seen => ({ input: reads(seen), all: records(seen) }),
    *find({ input, all }: { readonly input: In; readonly all: Readonly<Record<string, Of>> }) {
      for (const [id, record] of Object.entries(all)) yield* find(id, record, input);
    },
    each: { records, reads, find },
  });

/** What a rule finds in what its station sees. */
export const findingsOf = <Seen>({ reads, find }: Rule<Seen>, seen: Seen): Iterable<Finding> =>
  find(reads(seen) as never);

/** What the rules find; a rule looks again only when something it is handed has changed. */
export function snagsOf<Seen extends object>(
  rules: readonly Rule<Seen>[],
  seen: Seen,
  parts: Parts,
): readonly Snag[] {
  const found: Record<string, readonly Snag[]> = {};
  for (const rule of rules) {
    found[rule.rule] = rule.each
      ? inEach(rule, rule.each, seen, parts)
      : parts.remembered(rule.rule, rule.reads(seen), input =>
          Array.from(rule.find(input as never), finding => snagOf(rule, finding)),
        );
  }
  return parts.remembered('snags', found, lists => Object.values(lists).flat());
}

/** What a rule finds in each record, those that have not changed as it was. */
function inEach<Seen extends object>(
  rule: Rule<Seen>,
  { records, reads, find }: NonNullable<Rule<Seen>['each']>,
  seen: Seen,
  parts: Parts,
): readonly Snag[] {
  const input = reads(seen);
  const lists = parts.each(
    rule.rule,
    () => Object.entries(records(seen)),
    (_, record) => ({ record, ...input }),
    (id, { record }) => Array.from(find(id, record as never, input as never), each => snagOf(rule, each)),
  );
  return parts.remembered(`${rule.rule}, all`, lists(), all => Object.values(all).flat());
}

const snagOf = (
  { rule, station }: { readonly rule: string; readonly station: StationName },
  { because, ...finding }: Finding,
): Snag => ({
  outputs: [],
  ...finding,
  because: because.map(({ path }) => path),
  id: [rule, ...finding.subjects].join(':'),
  rule,
  station,
});

/** By severity, then outputs endangered (most first), station along the strap, id. */
export function compareSnags(a: Snag, b: Snag): number {
  return (
    SEVERITIES.indexOf(a.severity) - SEVERITIES.indexOf(b.severity) ||
    b.outputs.length - a.outputs.length ||
    STATIONS.indexOf(a.station) - STATIONS.indexOf(b.station) ||
    compareText(a.id, b.id)
  );
}

/** `1 roll of tape`, `3 rolls of tape`. */
export const counted = (count: number, one: string, more: string): string =>
  `${count} ${count === 1 ? one : more}`;

/** `Choir`, `Choir and Lectern`, `Choir, Lectern and Tables`. */
export function listed(names: readonly string[]): string {
  const last = names.at(-1) ?? '';
  return names.length < 2 ? last : `${names.slice(0, -1).join(', ')} and ${last}`;
}
