/** What leaves the house when no names are asked for: without whoever has, owns, measured, tested, lends or sells things. */
import type { Item, Shelf } from './item.js';
import type { Hands } from './people.js';
import type { Plan } from './plan.js';

/** Stands for a person or a firm that is not named. */
export const SOMEBODY = 'somebody';

const nameless = <Record extends { readonly by: string }>(
  records: Readonly<globalThis.Record<string, Record>>,
): Readonly<globalThis.Record<string, Record>> =>
  Object.fromEntries(Object.entries(records).map(([id, each]) => [id, { ...each, by: SOMEBODY }]));

export function itemWithoutNames({
  owner,
  lent,
  tested,
  proof,
  meter,
  runs,
  faults,
  bought,
  ...item
}: Item): Item {
  const { by: _by, ...test } = tested ?? { result: 'passed' };
  const { from: _from, ...paid } = bought ?? {};
  return {
    ...item,
    ...(owner && { owner: { ...owner, who: SOMEBODY } }),
    ...(lent && { lent: { ...lent, to: SOMEBODY } }),
    ...(tested && { tested: test }),
    ...(bought && { bought: paid }),
    ...(proof && { proof: { ...proof, by: SOMEBODY } }),
    ...(meter && { meter: nameless(meter) }),
    ...(runs && { runs: nameless(runs) }),
    ...(faults && { faults: nameless(faults) }),
  };
}

export const shelfWithoutNames = ({ items }: Shelf): Shelf => ({
  items: Object.fromEntries(Object.entries(items).map(([id, item]) => [id, itemWithoutNames(item)])),
});

/** What a house asks of a client stays with the house altogether. */
export function planWithoutNames({ quote: _quote, ...plan }: Plan): Plan {
  const { needs } = plan.money ?? {};
  if (!needs) return plan;
  const nameless = Object.entries(needs).map(([id, { from, ...need }]) => [
    id,
    { ...need, ...(from !== undefined && { from: SOMEBODY }) },
  ]);
  return { ...plan, money: { ...plan.money, needs: Object.fromEntries(nameless) as typeof needs } };
}

/** People by name and what they can do: how they are reached, and what is noted of them, leaves the house in no file. */
export const handsWithoutContacts = ({ people }: Hands): Hands => ({
  people: Object.fromEntries(
    Object.entries(people).map(([id, { phone: _phone, mail: _mail, note: _note, ...person }]) => [
      id,
      person,
    ]),
  ),
});
