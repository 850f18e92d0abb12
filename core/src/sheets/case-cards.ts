/** Content cards for the lids of cases: what is in each, in the order in which one packs. */
import { casePicture } from '../case-picture/index.js';
import type { Assessment } from '../assess.js';
import type { Plan } from '../documents/index.js';
import { numberOf, showText, type Figure } from '../foundations/index.js';
import { readingOf } from '../review.js';
import type { PackLine } from '../stations/pack/index.js';
import type { CaseResult } from '../stations/pack/lifting/lifts.js';
import { liftedBy } from './lifted-by.js';
import type { Sheet } from './sheet.js';
import { counts, sheetOf, words, type ColumnOf } from './table.js';

interface Row {
  readonly number: string;
  readonly layer: string;
  readonly line: PackLine | undefined;
}

const COLUMNS: readonly ColumnOf<Row>[] = [
  words('In', 4, () => '☐'),
  words('Back', 4, () => '☐'),
  words('No.', 5, ({ number }) => number),
  words('Layer', 6, ({ layer }) => layer),
  counts('Count', 6, ({ line }) => line?.count ?? 0),
  words('Tape', 12, ({ line }) => line?.tape ?? 'WANTED'),
  words('What', 33, ({ line }) => line?.label),
  words('For', 30, ({ line }) => line?.purpose),
];

/** What a venue in the open asks for on the way home. */
const WET = [
  'If anything got wet: wipe it, pack it apart from what is dry, leads in loose coils, lids ajar. At home open every case and let leads, covers, stands and foam dry for a day in a warm room; nothing that was wet is plugged in or charged before.',
];

/** Whether it goes through the door of the way in, where that was measured. */
function doorWords({ door }: CaseResult): string[] {
  const [upright, laid] = [numberOf(door?.doorLeft), numberOf(door?.doorTilted)];
  if (upright === undefined || laid === undefined) return [];
  return [
    upright >= 0 ? 'passes the door' : laid >= 0 ? 'passes the door on its side' : 'too large for the door',
  ];
}

/** Whether it goes as a usual piece of luggage. */
function airWords({ air, unweighed }: CaseResult): string {
  const [sides, kg] = [numberOf(air.airSides), numberOf(air.airWeight)];
  if (sides === undefined || kg === undefined || (kg >= 0 && numberOf(unweighed) !== 0))
    return 'by air: unknown';
  const over = [...(sides < 0 ? ['size'] : []), ...(kg < 0 ? ['weight'] : [])];
  return over.length === 0 ? 'by air: a usual piece' : `by air: over the usual ${over.join(' and ')}`;
}

export function caseCards(plan: Plan, assessment: Assessment): Sheet {
  const { rooms, cases, lines, travels } = assessment.pack;
  const reading = readingOf(plan, assessment.rules);
  const shown = (figure: Figure | undefined): string =>
    figure?.value === null || figure === undefined ? 'unknown' : showText(figure.value, figure.unit, reading);
  return sheetOf(plan, assessment, {
    title: 'Content cards of cases',
    columns: COLUMNS,
    sections: Object.entries(cases).map(([id, own]) => {
      const { label, weight } = own;
      const room = rooms[id];
      const picture = room && casePicture(room, plan.packed);
      const layerOf = (line: string): number =>
        picture?.layers.findIndex(({ things }) => things.some(each => each.line === line)) ?? -1;
      const placed = (picture?.things ?? []).map(({ line, number }): Row => ({
        number: String(number),
        layer: `${layerOf(line) + 1}`,
        line: lines[line],
      }));
      const inIt = Object.keys(lines).filter(line => travels[line]?.[0] === id);
      const others = inIt
        .filter(line => layerOf(line) < 0)
        .map((line): Row => ({ number: '', layer: '', line: lines[line] }));
      const form = room?.hold.form ?? 'rack';
      return {
        of: id,
        heading: [
          ...[label, form, shown(weight), `lifted: ${liftedBy(own, reading)}`],
          ...doorWords(own),
          airWords(own),
        ].join(' · '),
        rows: [...placed, ...others],
      };
    }),
    notes: [
      ...(assessment.ground.venue.outdoors === true ? WET : []),
      'The lowest layer goes in first. Tick what is in before it leaves, and again before it goes home.',
    ],
  });
}
