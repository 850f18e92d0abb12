/** Batteries inside of things that run on something else: how long they carry on when that ends. */
import type { InnerBattery } from '../../../documents/index.js';
import { constant, given, minutesBetween, numberOf, taken, type Figure } from '../../../foundations/index.js';
import * as figures from '../figures/index.js';
import type { BatteryLife, DeviceLoad, InnerLife } from '../result.js';
import type { Timeline } from '../timeline.js';
import { airAt, type Air } from '../../air-temperature.js';
import { coldFactor } from './cold.js';
import { minutesFor } from './discharge.js';
import { cellOf } from './cell.js';
import { usableTerms, type BatteryInUse } from './life.js';

export interface InnerInUse extends Pick<BatteryInUse, 'kind' | 'item' | 'known' | 'reserve'> {
  readonly inner: InnerBattery;
  readonly load: DeviceLoad;
  readonly air: Air;
  readonly start: string;
  readonly timeline: Timeline;
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
  const drain = drainOf(id, of);
  return {
    usable,
    alone,
    dark: darkOf(id, of, alone, drain),
    ...(drain && { fed: drain.fed, over: drain.over }),
  };
}

interface Drain {
  readonly fed: Figure;
  readonly over: Figure;
  /** Minutes that it lasts so, and when that begins, minutes after the start. */
  readonly minutes: number;
  readonly on: number;
}

/** How a battery inside runs down while its device is fed with less than it takes; undefined where it is not. */
function drainOf(id: string, of: InnerInUse): Drain | undefined {
  const { inner, kind, load, air, timeline } = of;
  const { chargeWatts, topsUp } = inner;
  const watts = numberOf(load.watts);
  if (topsUp !== true || chargeWatts === undefined || watts === undefined || watts <= chargeWatts)
    return undefined;
  const cold = coldFactor(inner.chemistry ?? 'lithium-ion', airAt(air, 0));
  const minutes = minutesFor(cellOf(of), watts - chargeWatts, 1, cold);
  const fed = figures.innerFed.found([id], minutes, [
    taken('load', load.watts),
    given('charged', chargeWatts, 'W', 'kinds', `/kinds/${kind}/inner/chargeWatts`),
  ]);
  const [on, off] = [timeline[0]?.from ?? NaN, timeline.at(-1)?.to ?? NaN];
  const over = Number.isFinite(off - on)
    ? figures.innerOver.calc(
        [id],
        [
          taken('fed', fed),
          constant('day', off - on, 'min', 'from the first to the last of the running order'),
        ],
      )
    : figures.innerOver.unknown([id], 'no running order says how long the day is', [taken('fed', fed)]);
  return { fed, over, minutes, on };
}

/** When a thing goes dark: by itself once what feeds it has ended, with what it lost until then. */
function darkOf(
  id: string,
  { start, fedUntil }: InnerInUse,
  alone: Figure,
  drain: Drain | undefined,
): Figure {
  const until = fedUntil === undefined ? Infinity : minutesBetween(start, String(fedUntil.value));
  if (drain && drain.on + drain.minutes <= until)
    return figures.innerDark.calc(
      [id],
      [
        constant('start', start, 'instant', 'it begins'),
        constant('on', drain.on, 'min', 'when it is switched on'),
        taken('fed', drain.fed),
      ],
      { formula: 'later(start, on + fed)' },
    );
  if (fedUntil === undefined) return figures.innerDark.unknown([id], 'not while it is fed');
  const left = drain ? 1 - (until - drain.on) / drain.minutes : 1;
  return figures.innerDark.calc(
    [id],
    [
      taken('fed_until', fedUntil),
      taken('alone', alone),
      ...(drain ? [constant('left', left, '', 'of its charge, fed with less than it takes till then')] : []),
    ],
    drain ? { formula: 'later(fed_until, alone * left)' } : {},
  );
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
