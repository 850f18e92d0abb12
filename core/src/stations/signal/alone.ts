/** Signal by itself: computed and checked without any other station, for those who measure it. */
import type { Bundle } from '../../documents/index.js';
import { Parts, snagsOf, type Snag } from '../../foundations/index.js';
import { equipmentOf } from '../equipment.js';
import { signal, type SignalResult } from './index.js';
import { SIGNAL_RULES } from './snags/index.js';

export function signalAlone({ plan, kinds, shelf, rules }: Bundle): {
  result: SignalResult;
  snags: readonly Snag[];
} {
  const { links, outputs, shots, runningOrder } = plan;
  const reads = {
    devices: equipmentOf(plan.devices, new Parts()),
    links,
    outputs,
    kinds,
    shelf,
    shots,
    runningOrder,
    besideMixer: [],
    rules: { ...rules, ...plan.rules },
  };
  const own = signal.compute(reads, new Parts());
  return { result: own, snags: snagsOf(SIGNAL_RULES, { ...reads, own }, new Parts()) };
}
