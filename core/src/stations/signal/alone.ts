/** Signal by itself: computed and checked without any other station, for those who measure it. */
import type { Bundle } from '../../documents/index.js';
import { Memo, Parts, snagsOf, type Snag } from '../../foundations/index.js';
import { equipmentOf } from '../equipment.js';
import { signal, type SignalResult } from './index.js';
import { SIGNAL_RULES } from './snags/index.js';

export function signalAlone({ plan, kinds, shelf, rules }: Bundle): {
  result: SignalResult;
  snags: readonly Snag[];
} {
  const { links, outputs, shots, runningOrder } = plan;
  const reads = {
    ...{ devices: equipmentOf(plan.devices, new Memo()), links, outputs, kinds, shelf, shots, runningOrder },
    rules: { ...rules, ...plan.rules },
  };
  const result = signal.compute(reads, new Parts(), new Memo());
  return { result, snags: snagsOf(SIGNAL_RULES, { ...reads, own: result }, new Memo(), new Parts()) };
}
