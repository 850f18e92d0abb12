/** Words of money that documents and stations share. */

export const PRICE_SORTS = ['new', 'used', 'hire per day'] as const;
/** What a price is asked for. */
export type PriceSort = (typeof PRICE_SORTS)[number];

export const NEED_WAYS = ['borrow', 'hire', 'buy new', 'buy used'] as const;
/** How something that the shelf cannot supply is come by. */
export type NeedWay = (typeof NEED_WAYS)[number];

export const COST_SORTS = [
  'data',
  'relay hours',
  'relay data',
  'batteries',
  'tape',
  'travel',
  'other',
] as const;
/** What an event costs beside its gear. */
export type CostSort = (typeof COST_SORTS)[number];
