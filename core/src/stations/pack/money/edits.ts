/** Edits of the money of a plan. */
import type {
  Currency,
  EventCost,
  KindPrice,
  Kinds,
  MoneyRules,
  Need,
  Plan,
  PlanMoney,
  Rules,
} from '../../../documents/index.js';
import { editPlan, inKinds } from '../../../edits.js';
import { Edit, idFrom, inOrder, orderAfter, type Operation } from '../../../foundations/index.js';

/** Puts a record into a map of the money of a plan, which is opened where it is not there yet. */
function putInto<Name extends 'needs' | 'costs'>(
  plan: Plan,
  map: Name,
  id: string,
  record: NonNullable<PlanMoney[Name]>[string],
): Operation[] {
  const edit = editPlan(plan);
  if (!plan.money) return edit.put('money', { [map]: { [id]: record } }).patch;
  if (!plan.money[map]) return edit.put('money', map, { [id]: record } as NonNullable<PlanMoney[Name]>).patch;
  return edit.put('money', map, id, record as never).patch;
}

/** What is said of a line that must be come by, besides what is known; what is given as undefined is taken back. */
export function needPatch(
  plan: Plan,
  line: string,
  said: { readonly [Name in keyof Omit<Need, 'line'>]?: Need[Name] | undefined },
): Operation[] {
  const [id, before] = inOrder(plan.money?.needs).find(([, need]) => need.line === line) ?? [
    idFrom(`need/${line}`),
    undefined,
  ];
  const need = Object.fromEntries(
    Object.entries({ ...before, ...said, line }).filter(([, value]) => value !== undefined),
  ) as unknown as Need;
  // Of what nothing is said any more, nothing is kept.
  if (Object.keys(need).length === 1) return before ? editPlan(plan).drop('money', 'needs', id).patch : [];
  return putInto(plan, 'needs', id, need);
}

/** A cost of the event, put after the others where it is new. */
export function costPatch(plan: Plan, id: string, cost: Omit<EventCost, 'order'>): Operation[] {
  const costs = plan.money?.costs;
  const order = costs?.[id]?.order ?? orderAfter(inOrder(costs).at(-1)?.[1].order);
  return putInto(plan, 'costs', id, { order, ...cost });
}

/** What may be spent, or the days of hire; undefined takes it back. */
export function moneyPatch<Name extends 'ceiling' | 'hireDays'>(
  plan: Plan,
  name: Name,
  value: PlanMoney[Name],
): Operation[] {
  const edit = editPlan(plan);
  if (value === undefined) return plan.money?.[name] === undefined ? [] : edit.drop('money', name).patch;
  return plan.money
    ? edit.put('money', name, value as never).patch
    : edit.put('money', { [name]: value } as PlanMoney).patch;
}

/** A price that was found of a kind. */
export function pricePatch({ kinds }: Kinds, kind: string, id: string, price: KindPrice): Operation[] {
  const edit = inKinds();
  return kinds[kind]?.prices
    ? edit.put('kinds', kind, 'prices', id, price).patch
    : edit.put('kinds', kind, 'prices', { [id]: price }).patch;
}

/** How the house reckons with money, and in which currency. */
export function moneyRulesPatch(
  rules: Rules,
  change: { readonly currency?: Currency; readonly money?: MoneyRules },
): Operation[] {
  const edit = new Edit<Rules>('rules', rules, true);
  if (change.currency !== undefined) edit.put('currency', change.currency);
  if (change.money !== undefined) edit.put('money', change.money);
  return edit.patch;
}
