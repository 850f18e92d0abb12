/** How hard a case on wheels is pushed along the way in: to start it, and to keep it rolling up the steepest ramp. */
import type { Facts, FloorOfWay, WayIn } from '../../../documents/index.js';
import {
  constant,
  declare,
  given,
  houseRule,
  standard,
  taken,
  type Figure,
} from '../../../foundations/index.js';
import type { Lifter } from './lifters.js';

const L23 = standard('HSE L23, guideline figures for pushing and pulling');
const FORCE = 'weight * g * (rolling + ramp / 100) / sqrt(1 + (ramp / 100) * (ramp / 100)) / people';

export const keepRolling = declare({
  key: 'pack.cases.*.push.keep',
  label: 'Push, to keep it rolling',
  short: 'Push',
  unit: 'N',
  basis: houseRule('its weight by the drag of its wheels and by the slope, shared by those who push'),
  formula: FORCE,
});
export const startRolling = declare({
  key: 'pack.cases.*.push.start',
  label: 'Push, to start it',
  unit: 'N',
  basis: houseRule('what keeps it rolling, and what brings it to walking pace in four seconds'),
  formula: 'keep + weight * gain / people',
});
export const keepShare = declare({
  key: 'pack.cases.*.push.keepShare',
  label: 'Of what one should push, to keep it rolling',
  unit: '×',
  basis: L23,
  formula: 'keep / limit',
  limits: { raises: 'pack.push', risk: { above: 1 } },
});
export const startShare = declare({
  key: 'pack.cases.*.push.startShare',
  label: 'Of what one should push, to start it',
  unit: '×',
  basis: L23,
  formula: 'start / limit',
  limits: { raises: 'pack.push', risk: { above: 1 } },
});

export interface Push {
  readonly keep: Figure;
  readonly start: Figure;
  readonly keepShare: Figure;
  readonly startShare: Figure;
}

/** Drag of wheels in good order, of the weight on them; on carpet a house figure. */
const ROLLING: Readonly<Record<FloorOfWay, number>> = { hard: 0.02, carpet: 0.05, soft: 0.1 };
/** m/s². */
const GRAVITY = 9.81;
const GAIN = 0.25;
/** What one should push to start a load and to keep it rolling, N: grown people who are named, and anybody. */
const LIMITS = { named: { start: 200, keep: 100 }, anybody: { start: 150, keep: 70 } } as const;

export function pushOf(
  id: string,
  weight: Figure,
  { way, lifters = [] }: { readonly way: Facts['way']; readonly lifters: readonly Lifter[] | undefined },
): Push {
  const ids: [string] = [id];
  const missing = missingOf(way);
  if (missing !== undefined) {
    const no = `${missing} is not known of the way in`;
    return {
      ...{ keep: keepRolling.unknown(ids, no), start: startRolling.unknown(ids, no) },
      ...{ keepShare: keepShare.unknown(ids, no), startShare: startShare.unknown(ids, no) },
    };
  }
  const { floor = 'hard', slope = 0 } = way ?? {};
  const own = lifters.length > 0 && lifters.every(({ id: person, young }) => person !== undefined && !young);
  const { start: startLimit, keep: keepLimit } = LIMITS[own ? 'named' : 'anybody'];
  const who = own ? 'grown people who are named' : 'anybody';
  const people = constant('people', Math.max(lifters.length, 1), 'people', 'who push it');
  const keep = keepRolling.calc(ids, [
    taken('weight', weight),
    constant('g', GRAVITY, 'm/s²', 'standard gravity'),
    constant(
      'rolling',
      ROLLING[floor],
      '',
      `wheels over ${floor === 'carpet' ? 'carpet' : `a ${floor} floor`}`,
    ),
    given('ramp', slope, '%', 'venue', '/facts/way/slope'),
    people,
  ]);
  const start = startRolling.calc(ids, [
    ...[
      taken('keep', keep),
      taken('weight', weight),
      constant('gain', GAIN, 'm/s²', '1 m/s in four seconds'),
    ],
    people,
  ]);
  return {
    ...{ keep, start },
    keepShare: keepShare.calc(ids, [taken('keep', keep), constant('limit', keepLimit, 'N', who)]),
    startShare: startShare.calc(ids, [taken('start', start), constant('limit', startLimit, 'N', who)]),
  };
}

/** What was not surveyed of the way, that a push goes by. */
const missingOf = ({ floor, slope }: WayIn = {}): string | undefined =>
  floor === undefined ? 'what wheels roll over' : slope === undefined ? 'the steepest ramp' : undefined;
