/** Every figure of Day. */
import { declare, DEFINITION } from '../../foundations/index.js';

const DONE = 'checks with a tick';
const ALL = 'checks that the design asks for';

export const checksDone = declare({
  key: 'day.done',
  label: 'Checks done',
  unit: 'pieces',
  basis: DEFINITION,
  method: DONE,
});
export const checksAll = declare({
  key: 'day.all',
  label: 'Checks in all',
  unit: 'pieces',
  basis: DEFINITION,
  method: ALL,
});
export const momentDone = declare({
  key: 'day.moments.*.done',
  label: 'Checks done',
  unit: 'pieces',
  basis: DEFINITION,
  method: DONE,
});
export const momentAll = declare({
  key: 'day.moments.*.all',
  label: 'Checks in all',
  unit: 'pieces',
  basis: DEFINITION,
  method: ALL,
});
export const readyForDoors = declare({
  key: 'day.readyForDoors',
  label: 'Ready for doors',
  unit: '',
  basis: DEFINITION,
  formula: 'open = none',
});

export const DAY_FIGURES = [checksDone, checksAll, momentDone, momentAll, readyForDoors];
