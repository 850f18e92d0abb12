/** Duty cards: one for each person, with what they do, where, from when to when, and beside whom. */
import type { Assessment } from '../assess.js';
import type { Bundle } from '../documents/index.js';
import { dutyOf } from '../duties/duty.js';
import { inOrder, showClock, showDay, type Reading } from '../foundations/index.js';
import { readingOf } from '../review.js';
import { itemBegins } from '../stations/brief/figures.js';
import { SAID_COLUMNS, saidLines, type SaidLine } from './crew-words.js';
import type { Sheet } from './sheet.js';
import { sheetOf } from './table.js';

export function dutyCards(bundle: Bundle, assessment: Assessment): Sheet {
  const { plan, hands } = bundle;
  const reading = readingOf(plan, assessment.rules);
  const on = new Set(Object.values(assessment.hands.roles).flatMap(({ person }) => person ?? []));
  const sections = inOrder(hands.people)
    .filter(([id]) => on.has(id))
    .map(([id, { name }]) => ({ heading: name, rows: cardOf(id, bundle, assessment, reading) }))
    .sort((a, b) => a.heading.localeCompare(b.heading));
  return sheetOf(plan, assessment, {
    title: 'Duty cards',
    columns: SAID_COLUMNS,
    sections,
    notes: [
      ...(sections.length === 0 ? ['Nobody is on a role yet.'] : []),
      'Lost, late or unwell: tell whoever leads, at once. Nothing here is worth a risk.',
    ],
  });
}

function cardOf(person: string, bundle: Bundle, assessment: Assessment, reading: Reading): SaidLine[] {
  const duty = dutyOf(person, bundle, assessment);
  if (!duty) return [];
  const { schedule, tasks, call } = assessment.hands;
  const own = Object.entries(schedule?.tasks ?? {}).filter(([, { people }]) => people.includes(person));
  const at = (minutes: unknown): string =>
    typeof call.value === 'string' && typeof minutes === 'number'
      ? showClock(new Date(Date.parse(call.value) + minutes * 60_000).toISOString(), reading)
      : '';
  return saidLines(
    ...duty.roles.map(
      ({ label, where, when }) =>
        [
          label,
          [label.includes(where) ? '' : where, when].filter(Boolean).join(' · ') || 'all of the time',
        ] as const,
    ),
    [
      'Come',
      duty.from === undefined
        ? 'not known yet'
        : `${showDay(duty.from, reading)}, ${showClock(duty.from, reading)}`,
    ],
    ['Until', duty.to === undefined ? 'not known yet' : showClock(duty.to, reading)],
    ['Where', [duty.venue, duty.address].filter(Boolean).join(', ')],
    ['Cars', duty.parking],
    ['With you', duty.beside.map(({ role, name }) => `${name} (${role})`).join(', ')],
    ...own.map(([key, { begins }]) => [`Before: ${at(begins.value)}`, tasks[key]?.label ?? key] as const),
    ...asked(person, bundle, assessment, reading),
  );
}

/** What the running order counts for them, item by item. */
function asked(
  person: string,
  { plan }: Bundle,
  assessment: Assessment,
  reading: Reading,
): [string, string][] {
  const load = assessment.hands.workload[person];
  if (!load) return [];
  return inOrder(plan.runningOrder).flatMap(([id, { label, phase }]): [string, string][] => {
    const least = load.items[id]?.least.value;
    if (phase !== 'live' || typeof least !== 'number' || least === 0) return [];
    const begins = itemBegins.in(assessment, [id])?.value;
    const when = typeof begins === 'string' ? showClock(begins, reading) : '';
    return [[`Live: ${when}`, `${label}, at least ${Math.round(least)} % of your attention`]];
  });
}
