/** What an event costs beside its gear: data, the relay, batteries, tape, the way there. */
import type { EventCost, Phase } from '../../../documents/index.js';
import { constant, given, taken, type CostSort, type Figure, type Term } from '../../../foundations/index.js';
import * as figures from './figures.js';
import { converted, type MoneyHouse } from './prices.js';

/** Figures of other stations that say how much of something an event takes; those that a cost does not ask are absent. */
export interface Taken {
  /** Of each stream, GB. */
  readonly data?: readonly Figure[];
  /** Of each phase, min. */
  readonly phases?: Readonly<Record<Phase, Figure>>;
  readonly tapeRolls?: Figure;
}

export interface CostResult {
  readonly label: string;
  readonly sort: CostSort;
  /** How much of it: by the plan, or as somebody said. */
  readonly gigabytes?: Figure;
  readonly hours?: Figure;
  readonly kilometres?: Figure;
  readonly rolls?: Figure;
  readonly pieces?: Figure;
  readonly cost: Figure;
}

/** A relay runs from the checks on, and is not stopped before the end. */
const RELAY_PHASES = ['check', 'rehearse', 'wait', 'live'] as const satisfies readonly Phase[];

type Amount = keyof Pick<CostResult, 'gigabytes' | 'hours' | 'kilometres' | 'rolls' | 'pieces'>;

interface Sort {
  readonly amount: Amount;
  readonly per: '' | '/GB' | '/h' | '/km';
  /** What the plan says of it; undefined where only people can say it. */
  readonly byPlan?: (taken: Taken) => readonly Term[];
  /** What it asks of other stations for that. */
  readonly asks?: keyof Taken;
}

const dataTerms = ({ data = [] }: Taken): readonly Term[] => data.map(each => taken('data', each));

const SORTS: Readonly<Record<CostSort, Sort>> = {
  data: { amount: 'gigabytes', per: '/GB', byPlan: dataTerms, asks: 'data' },
  'relay data': { amount: 'gigabytes', per: '/GB', byPlan: dataTerms, asks: 'data' },
  'relay hours': {
    ...{ amount: 'hours', per: '/h', asks: 'phases' },
    byPlan: ({ phases }) => (phases ? RELAY_PHASES.map(phase => taken('planned', phases[phase])) : []),
  },
  tape: {
    ...{ amount: 'rolls', per: '', asks: 'tapeRolls' },
    byPlan: ({ tapeRolls }) => (tapeRolls ? [taken('rolls', tapeRolls)] : []),
  },
  travel: { amount: 'kilometres', per: '/km' },
  batteries: { amount: 'pieces', per: '' },
  other: {
    ...{ amount: 'pieces', per: '' },
    byPlan: () => [constant('quantity', 1, 'pieces', 'where nobody says how many')],
  },
};

const QUANTITIES = {
  gigabytes: figures.gigabytes,
  hours: figures.hours,
  kilometres: figures.kilometres,
  rolls: figures.rolls,
  pieces: figures.pieces,
} as const;

interface CostIn extends Taken {
  readonly cost: EventCost;
  readonly house: MoneyHouse;
}

/** Of what other stations say, what one cost asks: it rests while that does. */
export function askedBy(
  { sort, quantity }: EventCost,
  reads: { readonly [Name in keyof Taken]-?: () => NonNullable<Taken[Name]> },
): Taken {
  const { asks } = SORTS[sort];
  return asks === undefined || quantity !== undefined ? {} : { [asks]: reads[asks]() };
}

/** One cost of the event: how much of what, and what that comes to. */
export function costOfEvent(id: string, { cost, house, ...from }: CostIn): CostResult {
  const { label, sort, each } = cost;
  const { amount, per } = SORTS[sort];
  const quantity = quantityOf(id, cost, from);
  const known = converted(each, { document: 'plan', pointer: `/money/costs/${id}/each` }, house, 'each', per);
  return {
    ...{ label, sort, [amount]: quantity },
    cost:
      'why' in known
        ? figures.eventCost.unknown([id], known.why)
        : figures.eventCost.calc([id], [...known.terms, taken('quantity', quantity)]),
  };
}

function quantityOf(id: string, { sort, quantity, copies }: EventCost, from: Taken): Figure {
  const { amount, byPlan } = SORTS[sort];
  const of = QUANTITIES[amount];
  if (quantity !== undefined)
    return of.calc([id], [given('quantity', quantity, of.unit, 'plan', `/money/costs/${id}/quantity`)], {
      formula: 'quantity',
    });
  if (!byPlan) return of.unknown([id], 'nobody has said how many');
  const terms = byPlan(from);
  if (amount !== 'gigabytes') return of.calc([id], terms);
  const times =
    copies !== undefined && sort === 'relay data'
      ? given('copies', copies, '', 'plan', `/money/costs/${id}/copies`)
      : constant('copies', 1, '', 'each GB once');
  return of.calc([id], [...terms, times]);
}
