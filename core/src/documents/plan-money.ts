/** What an event may cost, and how what is missing is come by. */
import { COST_SORTS, NEED_WAYS, type CostSort, type NeedWay } from '../foundations/money-words.js';
import type { MapOf as Map } from '../foundations/index.js';
import { Flag, Int, MapOf, Num, One, OneOf, Optional, Said, Text } from './decorators.js';
import { Money } from './money.js';
import { Day } from './time-decorators.js';

/** What was decided on a line of the checklist that the shelf cannot supply. */
export class Need {
  /** The line: the id of a device, or what else it is of. */
  @Text(100, 1) line!: string;
  /** Absent = not decided. */
  @Optional() @OneOf(NEED_WAYS) way?: NeedWay;
  /** The price of one that was agreed on, a day where it is hired; absent = as its kind costs. */
  @Said('Agreed price of one', '', { help: 'for a day where it is hired' })
  @Optional()
  @One(() => Money)
  each?: Money;
  /** Tax comes on top of it. */
  @Said('Tax comes on top') @Optional() @Flag() net?: boolean;
  /** Days that it is hired for; absent = as many as the event hires for. */
  @Said('Hired for', 'days', { help: 'empty = as the event' }) @Optional() @Int(1, 366) days?: number;
  /** Who lends, hires out or sells it. */
  @Said('From whom') @Optional() @Text(80) from?: string;
  /** The day that it is there. */
  @Said('It is there on') @Optional() @Day() delivery?: string;
}

/** Something that the event costs beside its gear. */
export class EventCost {
  @Text(8) order!: string;
  @Said('What for') @Text(60, 1) label!: string;
  @Said('It is') @OneOf(COST_SORTS) sort!: CostSort;
  /** For one: a GB, an hour, a battery, a roll, a km. */
  @Said('Price of one', '', { help: 'a GB, an hour, a km, a roll, a battery' })
  @One(() => Money)
  each!: Money;
  /** How many; absent = as the plan says, where it does. */
  @Said('How many', '', { help: 'empty = as the plan says' }) @Optional() @Num(0, 1e6) quantity?: number;
  /** Of data from a relay: how many GB leave it for each that comes in; absent = one. */
  @Said('Leaves a relay so many times', '', { help: 'of its data' }) @Optional() @Num(0, 1e5) copies?: number;
}

/** The money of one event. */
export class PlanMoney {
  /** What may be spent on gear. */
  @Optional() @One(() => Money) ceiling?: Money;
  /** Days that things are hired for; absent = each day of the event. */
  @Optional() @Int(1, 366) hireDays?: number;
  @Optional() @MapOf(() => Need, 3000) needs?: Map<Need>;
  @Optional() @MapOf(() => EventCost, 200) costs?: Map<EventCost>;
}
