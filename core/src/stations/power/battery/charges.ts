/** When to look at a battery during the day, and what it should show then. */
import { constant, given, taken, type Figure } from '../../../foundations/index.js';
import * as figures from '../figures/index.js';
import type { Timeline } from '../timeline.js';
import { leftAt } from './discharge.js';
import { usedIn, type Service } from './services.js';

export interface ChargeCheck {
  /** The battery of the plan in whose place it is. */
  readonly battery: string;
  readonly item: string | undefined;
  /** The change by which it is taken out then. */
  readonly change?: string;
  readonly at: Figure;
  /** Share of its charge that it should show, %. */
  readonly expected: Figure;
}

export interface ChargeReads {
  readonly battery: string;
  readonly services: readonly Service[];
  readonly watts: readonly number[];
  readonly timeline: Timeline;
  readonly start: string;
}

/** Least time for which looking at it halfway is worth the walk, min. */
const WORTH = 45;
/** Clocks are told in steps of, min. */
const STEP = 5;

/** When to look at each battery that is in a place, by `PLACE-NUMBER-moment`. */
export function chargeChecks(of: ChargeReads): Readonly<Record<string, ChargeCheck>> {
  const { battery, services, watts, timeline, start } = of;
  const checks: Record<string, ChargeCheck> = {};
  services.forEach((service, number) => {
    const used = usedIn(service, timeline, watts);
    if (!used) return;
    const change = services[number + 1]?.change;
    const check = (moment: 'halfway' | 'out', after: number): void => {
      const key = `${battery}-${number + 1}-${moment}`;
      const at = figures.chargeAt.calc(
        [key],
        [
          given('start', start, 'instant', 'plan', '/start'),
          constant('after', after, 'min', moment === 'out' ? 'when it is taken out' : 'halfway'),
        ],
      );
      const expected = expectedOf(key, service, after, at);
      const taken = moment === 'out' && change !== undefined && { change };
      checks[key] = { battery, item: service.item, ...taken, at, expected };
    };
    const halfway = STEP * Math.round((used.from + used.to) / 2 / STEP);
    if (used.to - used.from >= WORTH) check('halfway', halfway);
    check('out', used.to);
  });
  return checks;
}

function expectedOf(key: string, service: Service, after: number, at: Figure): Figure {
  const { empty, cell, curve } = service;
  if (empty !== undefined && after > empty)
    return figures.chargeExpected.unknown([key], 'it is empty before', [taken('at', at)]);
  const left = leftAt(curve, after);
  return left === undefined
    ? figures.chargeExpected.unknown([key], 'nobody has measured all that hangs on it', [taken('at', at)])
    : figures.chargeExpected.found([key], 100 * (1 - cell.usable * (1 - left)), [taken('at', at)]);
}
