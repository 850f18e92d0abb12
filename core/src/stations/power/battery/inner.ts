/** Batteries inside of things that run on something else: how long they carry on when that ends. */
import type { InnerBattery } from '../../../documents/index.js';
import { constant, minutesBetween, numberOf, taken, type Figure } from '../../../foundations/index.js';
import * as figures from '../figures/index.js';
import type { BatteryLife, DeviceLoad, InnerLife } from '../result.js';
import { airAt, coldFactor, type Air } from './cold.js';
import { minutesFor } from './discharge.js';
import { cellOf } from './cell.js';
import { usableTerms, type BatteryInUse } from './life.js';

export interface InnerInUse extends Pick<BatteryInUse, 'kind' | 'item' | 'known' | 'reserve'> {
  readonly inner: InnerBattery;
  readonly load: DeviceLoad;
  readonly air: Air;
  readonly start: string;
  /** When the battery ends that feeds it; undefined where the mains feed it. */
  readonly fedUntil: Figure | undefined;
}

/** How long a thing carries on by itself at its usual work, full as it is then, and until when. */
export function innerLife(id: string, of: InnerInUse): InnerLife {
  const { inner, load, air, start, fedUntil } = of;
  const chemistry = inner.chemistry ?? 'lithium-ion';
  const then = fedUntil === undefined ? 0 : minutesBetween(start, String(fedUntil.value));
  const cold = coldFactor(chemistry, airAt(air, Number.isFinite(then) ? then : 0));
  const { terms, formula } = usableTerms(of);
  const usable = figures.innerUsable.calc([id], terms, { formula });
  const watts = numberOf(load.watts);
  const minutes = watts === undefined ? NaN : minutesFor(cellOf(of), watts, 1, cold);
  const alone = Number.isFinite(minutes)
    ? figures.innerAlone.found([id], minutes, [
        taken('usable', usable),
        taken('load', load.watts),
        constant('cold', cold, '', 'what the cold leaves then'),
      ])
    : figures.innerAlone.unknown(
        [id],
        watts === undefined ? 'nobody has measured what it takes' : 'it takes nothing',
      );
  return {
    usable,
    alone,
    dark:
      fedUntil === undefined
        ? figures.innerDark.unknown([id], 'not while the mains last')
        : figures.innerDark.calc([id], [taken('fed_until', fedUntil), taken('alone', alone)]),
  };
}

export interface MarginOf {
  readonly life: Omit<BatteryLife, 'dark' | 'margin'>;
  /** When each thing that it feeds goes dark, where one inside carries that on. */
  readonly carriedOn: readonly (Figure | undefined)[];
  readonly end: Figure;
}

/** When the first of what a battery feeds goes dark, and how long after the end of the event that is. */
export function withMargin(id: string, { life, carriedOn, end }: MarginOf): BatteryLife {
  // What takes nothing never goes dark.
  const known = carriedOn.filter(each => each?.value !== null);
  const first = known.includes(undefined)
    ? undefined
    : known.toSorted((a, b) => Date.parse(String(a?.value)) - Date.parse(String(b?.value)))[0];
  const dark = figures.batteryDark.calc([id], [taken('ends', first ?? life.ends)]);
  return {
    ...life,
    dark,
    margin: figures.batteryMargin.calc([id], [taken('event_end', end), taken('dark', dark)]),
  };
}
