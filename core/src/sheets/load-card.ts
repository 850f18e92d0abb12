/** The load card: what goes into each vehicle, in the order of loading, and what it may carry. */
import type { Assessment } from '../assess.js';
import { vehiclePicture } from '../case-picture/index.js';
import type { Plan } from '../documents/index.js';
import { showText, type Figure } from '../foundations/index.js';
import { readingOf } from '../review.js';
import type { Piece } from '../stations/pack/vehicles/vehicle.js';
import { liftedBy } from './lifted-by.js';
import type { Sheet } from './sheet.js';
import { sheetOf, words, type ColumnOf } from './table.js';

interface Row {
  readonly number: string;
  readonly piece: Piece | undefined;
  readonly weight: string;
  readonly people: string;
}

const COLUMNS: readonly ColumnOf<Row>[] = [
  words('In', 5, () => '☐'),
  words('No.', 6, ({ number }) => number),
  words('Piece', 35, ({ piece }) => piece?.line.purpose),
  words('What', 32, ({ piece }) => piece?.line.label),
  words('Weight', 11, ({ weight }) => weight, 'right'),
  words('Lifted by', 11, ({ people }) => people, 'right'),
];

export function loadCard(plan: Plan, assessment: Assessment): Sheet {
  const reading = readingOf(plan, assessment.rules);
  const { vehicles, cases } = assessment.pack;
  const shown = (figure: Figure | undefined): string =>
    !figure || figure.value === null ? 'unknown' : showText(figure.value, figure.unit, reading);
  return sheetOf(plan, assessment, {
    title: 'Load card',
    columns: COLUMNS,
    sections: Object.values(vehicles).map(vehicle => {
      const { things, somewhere } = vehiclePicture(vehicle);
      const rowOf = (line: string, number: string): Row => {
        const piece = vehicle.pieces[line];
        const { value = null, unit = 'kg' } = piece?.weight ?? {};
        return {
          number,
          piece,
          weight: value === null ? 'unknown' : showText(value, unit, reading),
          people: cases[line] ? liftedBy(cases[line], reading) : '',
        };
      };
      const { label, load, payload, forward } = vehicle;
      return {
        heading: `${label} · ${shown(load)} of ${shown(payload)} · lashings hold ${shown(forward)} forward`,
        rows: [
          ...things.map(({ line, number }) => rowOf(line, String(number))),
          ...somewhere.map(({ line }) => rowOf(line, '')),
        ],
      };
    }),
    notes: [
      'In the order of loading: the last in is the first out. Heavy pieces low, against the seat backs and over the axles; nothing loose above the seat backs.',
      'Lash it before driving: 0.8 of the weight forward, half of it sideways and back (EN 12195-1). Never above a rated axle or the permitted gross.',
    ],
  });
}
