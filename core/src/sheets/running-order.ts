/** The running order: what happens when, and who is shown by what. */
import type { Assessment } from '../assess.js';
import type { Plan, RunningItem } from '../documents/index.js';
import { inOrder } from '../foundations/index.js';
import { itemBegins, itemEnds } from '../stations/brief/figures.js';
import { PHASE_WORDS } from '../stations/brief/phase-words.js';
import { PHASE_ORDER } from '../stations/brief/running-order.js';
import type { Sheet } from './sheet.js';
import { counts, figures, sheetOf, words, type ColumnOf } from './table.js';

interface Row {
  readonly id: string;
  readonly item: RunningItem;
  /** Where it is, by its mark. */
  readonly where: string | undefined;
  readonly cameras: string;
}

const idsOf = ({ id }: Row): [string] => [id];

const COLUMNS: readonly ColumnOf<Row>[] = [
  words('Done', 5, () => '☐'),
  figures(itemBegins, 12, idsOf),
  figures(itemEnds, 12, idsOf),
  counts('Min', 6, ({ item }) => item.minutes),
  words('What', 28, ({ item }) => item.label),
  words('Where', 14, ({ where }) => where),
  words('Cameras', 22, ({ cameras }) => cameras),
  words('Layouts', 20, ({ item }) => (item.layouts ?? []).join(', ')),
];

/** The items of the running order by their phase, with the cameras that take a shot in each. */
export function runningOrderSheet(plan: Plan, assessment: Assessment): Sheet {
  const { marks } = assessment.ground.venue;
  /** Those with a shot in the item, and those with one of its mark that is bound to no item. */
  const camerasIn = (item: string, at: string | undefined): string => {
    const taking = inOrder(plan.shots).flatMap(([, { camera, items, mark }]) => {
      const taken = items?.length ? items.includes(item) : mark === at;
      return taken && camera !== undefined ? [plan.devices?.[camera]?.label ?? ''] : [];
    });
    return [...new Set(taking)].join(', ');
  };
  const rows = inOrder(plan.runningOrder).map(([id, item]): Row => ({
    id,
    item,
    where: marks?.[item.mark ?? '']?.label,
    cameras: camerasIn(id, item.mark),
  }));
  return sheetOf(plan, assessment, {
    title: 'Running order',
    columns: COLUMNS,
    sections: PHASE_ORDER.map(phase => ({
      heading: PHASE_WORDS[phase],
      rows: rows.filter(({ item }) => item.phase === phase),
    })).filter(section => section.rows.length > 0),
    notes: rows.length === 0 ? ['Nothing is in the running order yet.'] : [],
  });
}
