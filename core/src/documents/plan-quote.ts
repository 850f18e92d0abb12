/** What a client is offered for an event. */
import type { MapOf as Map } from '../foundations/index.js';
import { Flag, Int, MapOf, Num, One, Optional, Said, Text } from './decorators.js';
import { Money } from './money.js';
import { Day } from './time-decorators.js';

/** Something that is offered by the day, or once. */
export class QuotePackage {
  @Text(8) order!: string;
  @Said('Package') @Text(60, 1) label!: string;
  @Said('What is in it') @Optional() @Text(300, 1) what?: string;
  @Said('Price of one', '', { help: 'for a day, unless it is charged once' }) @One(() => Money) each!: Money;
  /** Absent = one. */
  @Said('How many', '', { help: 'empty = 1' }) @Optional() @Int(1, 1000) count?: number;
  /** Days that it is charged for; absent = as many as the event hires for. */
  @Said('Days', 'days', { help: 'empty = as the event' }) @Optional() @Int(1, 366) days?: number;
  @Said('Charged once, not by the day') @Optional() @Flag() once?: boolean;
}

export class Quote {
  @Said('For') @Optional() @Text(120, 1) client?: string;
  @Said('Number') @Optional() @Text(30, 1) number?: string;
  @Said('Of') @Optional() @Day() on?: string;
  /** Days for which the offer stands; absent = 30. */
  @Said('Stands for', 'days', { help: 'empty = 30' }) @Optional() @Int(1, 366) validDays?: number;
  @Said('An hour of crew costs') @Optional() @One(() => Money) hourly?: Money;
  /** Hours of all people together; absent = as the plan says. */
  @Said('Hours of crew', 'h', { help: 'empty = as the plan says' })
  @Optional()
  @Num(0, 10000)
  crewHours?: number;
  /** What the event costs besides, and what is hired for it, is charged as it costs. */
  @Said('Costs of the event are charged') @Optional() @Flag() costs?: boolean;
  @Said('Discount', '%') @Optional() @Num(0, 100) discount?: number;
  /** Tax on top of all of it, %; absent = none is charged. */
  @Said('Tax on top', '%', { help: 'empty = none is charged' }) @Optional() @Num(0, 60) tax?: number;
  @Said('Terms') @Optional() @Text(1000, 1) terms?: string;
  @Optional() @MapOf(() => QuotePackage, 100) packages?: Map<QuotePackage>;
}
