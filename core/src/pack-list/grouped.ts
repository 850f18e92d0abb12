/** The checklist grouped as somebody wants it: by type, case, place, person, tape code, or when it is wanted. */
import type { Assessment } from '../assess.js';
import type { Bundle } from '../documents/index.js';
import { PACK_GROUPS, WANTED_FIRST } from '../foundations/index.js';
import type { PackLine } from '../stations/pack/index.js';

export const GROUPINGS = {
  type: 'type',
  case: 'case',
  kept: 'where it is kept',
  spot: 'where it is used',
  person: 'person',
  tape: 'tape code',
  wanted: 'when it is wanted',
} as const;
export type Grouping = keyof typeof GROUPINGS;

export type ListLine = readonly [id: string, line: PackLine];

export interface ListGroup {
  readonly heading: string;
  readonly lines: readonly ListLine[];
}

type Source = Pick<Bundle, 'plan' | 'shelf' | 'hands' | 'venue'>;

/** The heading under which each line comes, by the grouping. */
const HEADINGS: Readonly<
  Record<Grouping, (source: Source, assessment: Assessment, line: ListLine) => string>
> = {
  type: (_, __, [, { group }]) => group,
  case: (_, __, [, { inside }]) => inside ?? 'In no case',
  kept: ({ shelf }, _, [, { item }]) => shelf.items[item ?? '']?.home ?? 'Nobody said where',
  spot: ({ plan }, { ground }, [id, { group }]) => {
    const device = plan.devices?.[deviceOf(id)];
    if (!device) return group === 'Cables' ? 'Leads' : group === 'Floor' ? 'On the floor' : 'Anywhere';
    const { inside, level } = device.place ?? {};
    if (inside !== undefined) return plan.devices?.[inside]?.label ?? 'In a case';
    if (level !== undefined) return ground.venue.areas?.[level]?.label ?? 'Upstairs';
    return device.place?.at ? 'On the floor' : 'Anywhere';
  },
  person: ({ hands }, { hands: { roles } }, [id]) => {
    const role = Object.values(roles).find(({ key }) => key.split(' ')[1] === deviceOf(id));
    return hands.people[role?.person ?? '']?.name ?? 'Whoever rigs';
  },
  tape: (_, __, [, { tape }]) => (tape === undefined ? 'To come by' : (/^\D*/.exec(tape)?.[0].trim() ?? '')),
  wanted: (_, __, [, { group }]) => group,
};

/** The device that a line is, or is for: `stand c1`. */
const deviceOf = (line: string): string => line.split(' ')[1] ?? line;

const ORDERS: Readonly<Partial<Record<Grouping, readonly string[]>>> = {
  type: PACK_GROUPS,
  wanted: WANTED_FIRST,
};

/** What comes last, whatever its name. */
const LAST: ReadonlySet<string> = new Set([
  ...['In no case', 'Nobody said where', 'Anywhere', 'Whoever rigs', 'To come by'],
]);

/** Groups in their order, with their lines in that of the list; by tape code within each. */
export function groupedLines(source: Source, assessment: Assessment, by: Grouping): readonly ListGroup[] {
  const groups = new Map<string, ListLine[]>();
  for (const line of Object.entries(assessment.pack.lines)) {
    const heading = HEADINGS[by](source, assessment, line);
    groups.set(heading, [...(groups.get(heading) ?? []), line]);
  }
  const order = ORDERS[by];
  const rank = (heading: string): number => (order ? order.indexOf(heading) : LAST.has(heading) ? 1 : 0);
  return [...groups]
    .sort(([a], [b]) => rank(a) - rank(b) || (order ? 0 : a.localeCompare(b, 'en', { numeric: true })))
    .map(([heading, lines]) => ({
      heading,
      lines:
        by === 'tape'
          ? lines.toSorted(([, a], [, b]) =>
              (a.tape ?? '').localeCompare(b.tape ?? '', 'en', { numeric: true }),
            )
          : lines,
    }));
}
