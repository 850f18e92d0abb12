/** The lifting card: every case, what it weighs, and by how many it is lifted. */
import type { Assessment } from '../assess.js';
import type { Plan } from '../documents/index.js';
import { caseWeight, casePeople, stairsPeople } from '../stations/pack/lifting/figures.js';
import { LIFTS, type CaseResult, type LiftName } from '../stations/pack/lifting/lifts.js';
import { index } from '../stations/pack/lifting/niosh.js';
import { keepRolling } from '../stations/pack/lifting/push.js';
import type { Sheet } from './sheet.js';
import { figures, sheetOf, words, type ColumnOf } from './table.js';

type Row = readonly [id: string, of: CaseResult];
const idOf = ([id]: Row): [string] => [id];
const lift = (name: LiftName): ColumnOf<Row> => ({
  ...figures<Row, typeof index.key>(index, 14, ([id]) => [id, name], 'unknown'),
  label: `Index ${LIFTS[name].words}`,
});

const COLUMNS: readonly ColumnOf<Row>[] = [
  words('Case', 24, ([, { label }]) => label),
  figures(caseWeight, 11, idOf, 'unknown'),
  words('Wheels', 8, ([, { wheels }]) => (wheels ? 'yes' : '')),
  figures(casePeople, 12, idOf, 'split it'),
  lift('step'),
  lift('boot'),
  lift('table'),
  figures(stairsPeople, 12, idOf, 'split it'),
  figures(keepRolling, 11, idOf, 'unknown'),
  words('Names', 30, ([, { lifters }]) =>
    Object.values(lifters)
      .map(({ name, young }) => (young ? `${name} (under 18)` : name))
      .join(', '),
  ),
];

export const liftingCard = (plan: Plan, assessment: Assessment): Sheet =>
  sheetOf(plan, assessment, {
    title: 'Lifting card',
    columns: COLUMNS,
    sections: [{ heading: '', rows: Object.entries(assessment.pack.cases) }],
    notes: [
      'Index: weight over what one person should lift there (revised NIOSH lifting equation); above 1 two people, above 3 never one. It covers neither teams, carrying nor stairs: on stairs 70 %. Under 18 years nothing over 10 kg.',
      'Two names on every heavy case. Lids latched, drawers shut, hands out of moving lids; tilt a full rack with two.',
    ],
  });
