/** The call sheet: when and where everybody comes, who does what, what happens when, and what to do in an emergency. */
import type { Assessment } from '../assess.js';
import type { Bundle } from '../documents/index.js';
import { inOrder, numberOf, showClock, type Reading } from '../foundations/index.js';
import { readingOf } from '../review.js';
import { itemBegins } from '../stations/brief/figures.js';
import { PHASE_WORDS } from '../stations/brief/phase-words.js';
import { momentOf, SAID_COLUMNS, saidLines, whoDoes, type SaidLine } from './crew-words.js';
import type { Sheet } from './sheet.js';
import { sheetOf } from './table.js';

/** Everything that whoever comes needs to know, on one page where the event is not large. */
export function callSheet(bundle: Bundle, assessment: Assessment): Sheet {
  const { plan, hands: people } = bundle;
  const { hands, ground } = assessment;
  const { facts, address, name } = ground.venue;
  const reading = readingOf(plan, assessment.rules);
  const roles = Object.values(hands.roles).filter(({ besides }) => besides === undefined);
  return sheetOf(plan, assessment, {
    title: 'Call sheet',
    columns: SAID_COLUMNS,
    sections: [
      {
        heading: 'When and where',
        rows: saidLines(
          ['Called', momentOf(hands.call, reading)],
          ['Doors', doors(assessment, reading)],
          ['Begins', momentOf(assessment.brief.start, reading)],
          ['Struck by', momentOf(hands.leave, reading)],
          ['Where', [name, address].filter(Boolean).join(', ')],
          ['Cars', facts?.parking],
          ['Getting in', facts?.access],
        ),
      },
      { heading: 'Who', rows: roles.map(role => ({ what: role.label, said: whoDoes(role, people) })) },
      { heading: 'What happens', rows: phaseLines(bundle, assessment, reading) },
      { heading: 'Who hears whom', rows: talkback(bundle, assessment) },
      {
        heading: 'In an emergency',
        rows: saidLines(
          ['Call', '112 in Europe, 999 in Britain, 911 in North America'],
          [
            'At this venue',
            facts?.emergency ?? 'not noted: ask where people gather, and where first aid and the keys are',
          ],
        ),
      },
    ].filter(({ rows }) => rows.length > 0),
    notes: [
      'Ways out stay free. Whoever sees danger says stop, and everybody stops.',
      'Whoever is under 18 is never alone with one adult, climbs nothing, and does not touch the mains.',
      'For this crew only: telephone numbers on it are thrown away afterwards.',
    ],
  });
}

/** When doors are: the planned wait before the start. */
function doors({ brief }: Assessment, reading: Reading): string | undefined {
  const { value } = brief.start;
  const wait = numberOf(brief.phases.wait) ?? 0;
  if (typeof value !== 'string' || wait === 0) return undefined;
  return showClock(new Date(Date.parse(value) - wait * 60_000).toISOString(), reading);
}

/** The first item of each phase, and all that is live. */
function phaseLines({ plan }: Bundle, assessment: Assessment, reading: Reading): SaidLine[] {
  const seen = new Set<string>();
  return inOrder(plan.runningOrder).flatMap(([id, { label, phase }]) => {
    if (phase !== 'live' && seen.has(phase)) return [];
    seen.add(phase);
    const begins = itemBegins.in(assessment, [id])?.value;
    const when = typeof begins === 'string' ? showClock(begins, reading) : '';
    return [{ what: when, said: phase === 'live' ? label : PHASE_WORDS[phase] }];
  });
}

/** For each camera that somebody works: what of the caller they hear, and how they see that they are on air. */
function talkback({ plan }: Bundle, { hands }: Assessment): SaidLine[] {
  return Object.entries(hands.lines).map(([camera, { talkback: heard, tally }]) => ({
    what: plan.devices?.[camera]?.label ?? camera,
    said: [
      heard && (heard.value === true ? 'hears whoever calls' : 'hears nobody yet'),
      tally && (tally.value === true ? 'sees when it is on air' : 'does not see when it is on air'),
    ]
      .filter(Boolean)
      .join('; '),
  }));
}
