/** What a line of a stock list changes of a thing that is on the shelf. */
import type { ClearableField, ItemFields } from '../../api/shelf.js';
import type { ElectricalTest, Item } from '../../documents/index.js';
import { sameJson } from '../../foundations/index.js';
import type { StockField } from './columns.js';
import {
  dayIn,
  isCounted,
  OWN,
  piecesOf,
  recordsOf,
  stateOf,
  type Line,
  type StockHouse,
} from './records.js';

/** Records of which a list may say a part; what it leaves out of them stays. */
const IN_PARTS = ['owner', 'bought', 'tested'] as const satisfies readonly (keyof Item)[];

/** The fields that become another; a cell that is empty says nothing, `own` takes back whose it was. */
export function changesOf(line: Line, before: Item, house: StockHouse, kind: string): ItemFields {
  const says = (...fields: readonly StockField[]): boolean => fields.some(field => line.cell(field) !== '');
  const { state, condition } = stateOf(line);
  const { tested, ...records } = recordsOf(line, house);
  const back = before.owner && !says('owner') ? dayIn(line, 'goesBack', house.dates) : undefined;
  const said: Partial<Item> = {
    kind,
    // A condition such as “broken” is a state.
    ...((says('state') || (says('condition') && !condition)) && { state }),
    ...(condition && { condition }),
    ...(says('pieces') && isCounted(house.kinds, kind) && { count: piecesOf(line) }),
    ...records,
    ...(tested && { tested: testedSince(before.tested, tested, says('testResult')) }),
    ...(before.owner && back !== undefined && { owner: { ...before.owner, back } }),
  };
  for (const field of IN_PARTS)
    if (said[field] && before[field]) Object.assign(said, { [field]: { ...before[field], ...said[field] } });
  const changed = Object.entries(said).filter(
    ([field, value]) => !sameJson(before[field as keyof Item], value),
  );
  const cleared: ClearableField[] = OWN.test(line.cell('owner')) && before.owner ? ['owner'] : [];
  return {
    ...(Object.fromEntries(changed) as ItemFields),
    ...(cleared.length > 0 && { cleared }),
  };
}

/** Of a test whose day nobody knows none is known to be later. */
const LATEST = '9999';

/** A list that says nothing of the result of the last test takes no failure back: only a test since then does. */
function testedSince(before: Item['tested'], tested: ElectricalTest, saysResult: boolean): ElectricalTest {
  const isLater = (tested.on ?? '') > (before?.on ?? LATEST);
  if (!before || saysResult || isLater) return tested;
  const on = before.result === 'failed' ? (before.on ?? tested.on) : tested.on;
  return { ...tested, result: before.result, ...(on !== undefined && { on }) };
}
