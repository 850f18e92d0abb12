/** What leads want and what the stock has: the problem of cutting all leads at once. */

/** Cables of one kind: alike, so that only their number matters. */
export interface StockKind {
  readonly kind: string;
  /** Cables of one group can be joined to each other. */
  readonly group: string;
  readonly length: number;
  /** How many may be used, spares kept back. */
  readonly count: number;
}

/** How a lead may be made of the cables of one group. */
export interface Option {
  readonly group: string;
  readonly mostJoins: number;
  /** Farthest that it carries without a joint, m, and what each joint takes off that; infinite where nothing limits it. */
  readonly carries: number;
  readonly perJoint: number;
}

export interface LeadDemand {
  readonly id: string;
  readonly length: number;
  /** Length that must be bought or hired where the stock has none, m. */
  readonly sold: number;
  readonly options: readonly Option[];
}

export interface StockProblem {
  readonly leads: readonly LeadDemand[];
  readonly stock: readonly StockKind[];
}

/** Kinds that a lead is made of, once for each piece; empty where it must be bought. */
export type Pieces = ReadonlyMap<string, readonly StockKind[]>;

/** What counts, the first before the second and so on; less is better. */
export interface StockCost {
  readonly bought: number;
  readonly boughtLength: number;
  readonly beyondReach: number;
  readonly joins: number;
  readonly excess: number;
}

export const COST_ORDER = ['bought', 'boughtLength', 'beyondReach', 'joins', 'excess'] as const;

/** What each cost is, with its unit. */
export const COST_WORDS: Readonly<Record<keyof StockCost, readonly [label: string, unit: string]>> = {
  bought: ['leads to buy or hire', ''],
  boughtLength: ['their length', 'm'],
  beyondReach: ['leads beyond their reach', ''],
  joins: ['joints', ''],
  excess: ['left over', 'm'],
};

/** What a choice costs. */
export function stockCost({ leads }: StockProblem, pieces: Pieces): StockCost {
  const cost = { bought: 0, boughtLength: 0, beyondReach: 0, joins: 0, excess: 0 };
  for (const lead of leads) {
    const own = pieces.get(lead.id) ?? [];
    const [first] = own;
    if (!first) {
      cost.bought++;
      cost.boughtLength += lead.sold;
      continue;
    }
    const total = own.reduce((sum, { length }) => sum + length, 0);
    const option = lead.options.find(({ group }) => group === first.group);
    const joins = own.length - 1;
    if (option && total > option.carries - joins * option.perJoint + 1e-9) cost.beyondReach++;
    cost.joins += joins;
    cost.excess += total - lead.length;
  }
  return cost;
}

/** Which of two costs is less, by the order of what counts; 0 where they are the same to a millimetre. */
export function compareCosts(a: StockCost, b: StockCost): number {
  for (const name of COST_ORDER) if (Math.abs(a[name] - b[name]) > 1e-3) return a[name] - b[name];
  return 0;
}
