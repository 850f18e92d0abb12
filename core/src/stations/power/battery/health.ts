/** Health of a battery: what it still gives of what it gave when it was new. */
import type { Battery, BatteryRun, Chemistry, InnerBattery, Item } from '../../../documents/index.js';
import { constant, given, inOrder, type Term } from '../../../foundations/index.js';
import { summaryOf, type Summary } from '../measured.js';
import { ROOM } from '../../air-temperature.js';
import { coldFactor } from './cold.js';
import { countedWatts, peukertOf } from './discharge.js';

/** A battery, or the one inside of a thing, and what the shelf knows of it. */
export interface KnownBattery {
  readonly battery?: Battery;
  readonly inner?: InnerBattery;
  readonly known: Pick<Item, 'cycles' | 'health' | 'runs'> | undefined;
}

/** What a cycle takes of a battery until its health is measured. */
const WORN_BY_CYCLE = 0.0004;

/** Of the runs of a battery only the newest tell how it is now. */
const NEWEST = 5;

export const chemistryOf = ({ battery, inner }: Pick<KnownBattery, 'battery' | 'inner'>): Chemistry =>
  battery?.chemistry ?? inner?.chemistry ?? 'lithium-ion';

/** Charge that it holds when it is new, Wh. */
export const ratedOf = ({ battery, inner }: Pick<KnownBattery, 'battery' | 'inner'>): number =>
  battery ? battery.volts * battery.ampHours : (inner?.wattHours ?? 0);

/** The accepted runs that tell its health, the newest first, and what it gave in each of what a new one gives, %. */
export const runShares = (of: KnownBattery): readonly { readonly id: string; readonly share: number }[] =>
  inOrder(of.known?.runs)
    .filter(([, { accepted }]) => accepted === true)
    .toSorted(([, a], [, b]) => Date.parse(b.at) - Date.parse(a.at))
    .flatMap(([id, run]) => {
      const share = runShare(of, run);
      return share === undefined ? [] : [{ id, share }];
    })
    .slice(0, NEWEST);

/**
 * What a battery gave in a run, of what a new one gives down to the same share, in the same cold and as fast, %;
 * undefined where it was too cold for its chemistry to tell.
 */
export function runShare(of: KnownBattery, run: BatteryRun): number | undefined {
  const { minutes, wattHours, left = 0, celsius = ROOM } = run;
  const cold = coldFactor(chemistryOf(of), celsius);
  if (cold === 0) return undefined;
  const counted = countedWatts((60 * wattHours) / minutes, peukertOf(of.battery)) * (minutes / 60);
  return (100 * counted) / (ratedOf(of) * (1 - left / 100) * cold);
}

/** Its health as its runs say, %; undefined where none was accepted. */
export const ranHealth = (of: KnownBattery): Summary | undefined =>
  summaryOf(runShares(of).map(({ share }) => share));

/** Its health as a share: as its runs say, else as somebody measured it, else by its cycles. */
export function healthOf(of: KnownBattery): number {
  const { health, cycles = 0 } = of.known ?? {};
  const percent = ranHealth(of)?.mean ?? health;
  return percent === undefined ? 1 - WORN_BY_CYCLE * cycles : percent / 100;
}

/** The same as a formula and its terms. */
export function healthTerms(
  item: string,
  of: KnownBattery,
): { readonly terms: readonly Term[]; readonly formula: string } {
  const ran = runShares(of);
  if (ran.length > 0)
    return {
      terms: ran.map(({ id, share }) => {
        const { wattHours } = of.known?.runs?.[id] ?? {};
        return constant('gave', share, '%', `of a new one: it gave ${wattHours ?? 0} Wh, as measured`);
      }),
      formula: 'sum(gave) / count(gave) / 100',
    };
  const { health, cycles } = of.known ?? {};
  if (health !== undefined)
    return {
      terms: [given('health', health, '%', 'shelf', `/items/${item}/health`)],
      formula: 'health / 100',
    };
  return {
    terms: [
      cycles === undefined
        ? constant('cycles', 0, '', 'charge cycles not logged')
        : given('cycles', cycles, '', 'shelf', `/items/${item}/cycles`),
    ],
    formula: '1 - 0.0004 * cycles',
  };
}
