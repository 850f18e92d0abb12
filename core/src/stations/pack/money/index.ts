/** Money of an event: what must be come by, what that and the event cost, and what is left of the ceiling. */
import type { Kinds, PlanMoney } from '../../../documents/index.js';
import {
  constant,
  given,
  inOrder,
  numberOf,
  resultOf,
  taken,
  type Figure,
  type NeedWay,
  type PackGroup,
  type Parts,
} from '../../../foundations/index.js';
import type { PackLines, PackReads } from '../result.js';
import { setAside } from '../set-aside.js';
import { askedBy, costOfEvent, type CostResult, type Taken } from './costs.js';
import * as figures from './figures.js';
import { isPriced, needOf, saidOf, wantedOf, type NeedResult, type Wanted } from './needs.js';
import { converted, pricesOf, type KindPrices, type MoneyHouse } from './prices.js';
import { worthOfItem } from './worth.js';

export interface MoneyResult {
  /** What kinds cost that must be come by. */
  readonly prices: Readonly<Record<string, KindPrices>>;
  readonly hireDays: Figure;
  /** Lines that the shelf cannot supply. */
  readonly needs: Readonly<Record<string, NeedResult>>;
  readonly bought: Figure;
  readonly small: Figure;
  readonly reserve: Figure;
  readonly hired: Figure;
  readonly total: Figure;
  readonly unpriced: Figure;
  readonly guessed: Figure;
  /** Absent while nobody has said what may be spent. */
  readonly ceiling: Figure | undefined;
  readonly left: Figure | undefined;
  readonly costs: Readonly<Record<string, CostResult>>;
  readonly running: Figure;
  /** Of own things on the list, as far as that is known. */
  readonly worth: Readonly<Record<string, Figure>>;
  readonly worthTogether: Figure;
}

/** Lines that count as leads, adapters, tape and spares: what a tenth of a kit is kept for. */
export const SMALL_GROUPS: ReadonlySet<PackGroup> = new Set<PackGroup>(['Adapters', 'Cables', 'Floor']);
/** Share of a kit that is kept for them where the house says nothing else, %. */
export const USUAL_RESERVE = 10;
const MINUTES = 'a minute of 60 s';

export interface MoneyReads {
  readonly lines: () => PackLines;
  readonly kinds: () => Kinds;
  readonly shelf: () => PackReads['shelf'];
  readonly claims: () => PackReads['claims'];
  readonly runs: () => PackReads['runs']['runs'];
  readonly money: () => PlanMoney | undefined;
  readonly house: () => MoneyHouse;
  readonly start: () => Figure;
  readonly end: () => Figure;
  readonly zone: () => string;
  /** What other stations say that an event takes. */
  readonly taken: { readonly [Name in keyof Taken]-?: () => NonNullable<Taken[Name]> };
}

/** All of the money of an event, each part remembered for what it reads. */
export function moneyOf(parts: Parts, reads: MoneyReads): MoneyResult {
  const { lines, kinds, shelf, claims, runs, house, start, end } = reads;
  const costsOf = () => reads.money()?.costs;
  const wanted = parts.part('wanted', { lines, kinds, shelf, claims, runs }, wantedOf);
  const named = parts.part('kinds wanted', { wanted }, kindsOf);
  const prices = parts.each(
    'prices',
    () => named().map(id => [id, id] as const),
    id => {
      const kind = kinds().kinds[id];
      return kind && { kind, house: house() };
    },
    (id, { kind, house: own }) => pricesOf(id, kind, own),
  );
  const asked = () => reads.money()?.hireDays;
  const hireDays = parts.part('hire days', { start, end, asked }, hireDaysOf);
  const said = parts.part('said', { needs: () => reads.money()?.needs }, saidOf);
  const needs = parts.each(
    'needs',
    () => Object.entries(wanted()),
    (id, of) => ({
      wanted: of,
      said: said().get(id),
      prices: prices()[of.kind ?? ''],
      hireDays: hireDays(),
      ...{ start: start(), zone: reads.zone(), house: house() },
    }),
    needOf,
  );
  const costs = parts.each(
    'costs',
    () => inOrder(costsOf()),
    (_, cost) => ({ cost, house: house(), ...askedBy(cost, reads.taken) }),
    costOfEvent,
  );
  const sums = parts.part('sums', { needs, house }, sumsOf);
  const limits = parts.part(
    'ceiling',
    { money: () => reads.money()?.ceiling, total: () => sums().total, house },
    ceilingOf,
  );
  const worth = parts.part('worth', { lines, shelf, start, house }, worthOf);
  return resultOf<MoneyResult>({
    prices,
    hireDays,
    needs,
    bought: () => sums().bought,
    small: () => sums().small,
    reserve: () => sums().reserve,
    hired: () => sums().hired,
    total: () => sums().total,
    unpriced: parts.part('unpriced', { needs, costs }, unpricedOf),
    guessed: parts.part('guessed', { needs }, guessedOf),
    ceiling: () => limits().ceiling,
    left: () => limits().left,
    costs,
    running: parts.part('running', { costs, hired: () => sums().hired }, runningOf),
    worth,
    worthTogether: parts.part('worth together', { worth }, togetherOf),
  });
}

const kindsOf = ({ wanted }: { readonly wanted: Readonly<Record<string, Wanted>> }): readonly string[] => [
  ...new Set(Object.values(wanted).flatMap(({ kind }) => kind ?? [])),
];

const hireDaysOf = ({
  start,
  end,
  asked,
}: {
  readonly start: Figure;
  readonly end: Figure;
  readonly asked: number | undefined;
}): Figure =>
  asked === undefined
    ? figures.hireDays.calc(
        [],
        [taken('start', start), taken('end', end), constant('minute', 1, 'min', MINUTES)],
      )
    : figures.hireDays.calc([], [given('asked', asked, 'days', 'plan', '/money/hireDays')], {
        formula: 'asked',
      });

type Needs = Readonly<Record<string, NeedResult>>;

const isBought = (way: NeedWay | undefined): boolean => way === 'buy new' || way === 'buy used';

function sumsOf({
  needs,
  house: { money },
}: {
  readonly needs: Needs;
  readonly house: MoneyHouse;
}): Pick<MoneyResult, 'bought' | 'small' | 'reserve' | 'hired' | 'total'> {
  const priced = Object.values(needs).filter(isPriced);
  const costs = (isSmall: boolean) =>
    priced
      .filter(({ way, group }) => isBought(way) && SMALL_GROUPS.has(group) === isSmall)
      .map(({ cost }) => taken('bought', cost));
  const [bought, small] = [figures.bought.calc([], costs(false)), figures.small.calc([], costs(true))];
  const share =
    money?.reserve === undefined
      ? constant('share', USUAL_RESERVE, '%', 'a tenth of a kit')
      : given('share', money.reserve, '%', 'rules', '/money/reserve');
  const reserve = figures.reserve.calc([], [share, taken('bought', bought), taken('small', small)]);
  const hired = figures.hired.calc(
    [],
    priced.filter(({ way }) => !isBought(way)).map(({ cost }) => taken('hire', cost)),
  );
  const total = figures.total.calc(
    [],
    [taken('bought', bought), taken('small', small), taken('reserve', reserve), taken('hired', hired)],
  );
  return { bought, small, reserve, hired, total };
}

function ceilingOf({
  money,
  total,
  house,
}: {
  readonly money: PlanMoney['ceiling'];
  readonly total: Figure;
  readonly house: MoneyHouse;
}): Pick<MoneyResult, 'ceiling' | 'left'> {
  if (!money) return { ceiling: undefined, left: undefined };
  const known = converted(money, { document: 'plan', pointer: '/money/ceiling' }, house, 'ceiling');
  const ceiling =
    'why' in known ? figures.ceiling.unknown([], known.why) : figures.ceiling.calc([], known.terms);
  return { ceiling, left: figures.left.calc([], [taken('ceiling', ceiling), taken('total', total)]) };
}

const unpricedOf = ({
  needs,
  costs,
}: {
  readonly needs: Needs;
  readonly costs: MoneyResult['costs'];
}): Figure =>
  figures.unpriced.found(
    [],
    [...Object.values(needs), ...Object.values(costs)].filter(each => !isPriced(each)).length,
  );

const guessedOf = ({ needs }: { readonly needs: Needs }): Figure =>
  figures.guessed.found([], Object.values(needs).filter(({ about }) => about).length);

const runningOf = ({
  costs,
  hired,
}: {
  readonly costs: MoneyResult['costs'];
  readonly hired: Figure;
}): Figure =>
  figures.running.calc(
    [],
    [
      taken('hired', hired),
      ...Object.values(costs)
        .filter(({ cost }) => numberOf(cost) !== undefined)
        .map(({ cost }) => taken('cost', cost)),
    ],
  );

const worthOf = ({
  lines,
  shelf,
  start,
  house,
}: {
  readonly lines: PackLines;
  readonly shelf: PackReads['shelf'];
  readonly start: Figure;
  readonly house: MoneyHouse;
}): MoneyResult['worth'] =>
  Object.fromEntries(
    setAside(lines, shelf.items).flatMap(({ id, item: { owner, bought } }): [string, Figure][] => {
      const figure = owner ? undefined : worthOfItem(id, { bought, start, house });
      return figure ? [[id, figure]] : [];
    }),
  );

const togetherOf = ({ worth }: Pick<MoneyResult, 'worth'>): Figure =>
  figures.worthTogether.calc(
    [],
    inOrder(worth)
      .filter(([, each]) => numberOf(each) !== undefined)
      .map(([, each]) => taken('item', each)),
  );
