/** Figures of the room in cases, bags and crates. */
import { declare, DEFINITION } from '../../../foundations/index.js';

export const caseInner = declare({
  key: 'pack.rooms.*.inner',
  label: 'Room inside',
  unit: 'L',
  basis: DEFINITION,
  formula: 'litres * wide * deep * high',
});
export const caseFill = declare({
  key: 'pack.rooms.*.fill',
  label: 'Taken of its room',
  unit: '%',
  basis: DEFINITION,
  formula: '100 * sum(item) / inner',
  limits: { raises: 'pack.case-full', risk: { above: 100 } },
});
export const caseLoadLeft = declare({
  key: 'pack.rooms.*.loadLeft',
  label: 'Load left',
  unit: 'kg',
  basis: DEFINITION,
  formula: 'limit - sum(item)',
  limits: { raises: 'pack.case-full', stop: { below: 0 } },
});
export const caseGuessed = declare({
  key: 'pack.rooms.*.guessed',
  label: 'In it by their usual size',
  unit: 'pieces',
  basis: DEFINITION,
  method: 'lines that nobody has measured as they are packed',
});
export const packLoose = declare({
  key: 'pack.loose',
  label: 'Travels in no case',
  unit: 'pieces',
  basis: DEFINITION,
  method: 'lines of the checklist that are in no case, and no case themselves',
});
