/** What screens of money need: its edits, and its words. */
export {
  costPatch,
  moneyPatch,
  needPatch,
  pricePatch,
  moneyRulesPatch,
} from './stations/pack/money/edits.js';
export type { CostResult } from './stations/pack/money/costs.js';
export type { NeedResult } from './stations/pack/money/needs.js';
export { NEED_WAYS } from './foundations/index.js';
