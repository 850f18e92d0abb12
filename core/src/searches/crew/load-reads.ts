/** What loads are worked out from, taken from an event as it was assessed. */
import type { Assessment } from '../../assess.js';
import type { Bundle } from '../../documents/index.js';
import { mixOf } from '../../stations/hands/crews.js';
import type { LoadReads } from '../../stations/hands/workload.js';
import { whoCounts, workPlaces } from '../../stations/standing-where.js';

/** As Hands itself reads it. */
export const loadReads = (
  { plan, kinds }: Bundle,
  { hands, signal, ground, rules }: Assessment,
): LoadReads => ({
  ...{ runningOrder: plan.runningOrder, shots: plan.shots, attention: rules.attention },
  mix: mixOf({ roles: hands.roles, ...signal }),
  places: workPlaces({ who: whoCounts({ devices: plan.devices, kinds }), places: ground.places }),
});
