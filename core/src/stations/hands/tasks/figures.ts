/** Figures of the work before the rehearsal, and of the schedule that somebody accepted for it. */
import { declare, DEFINITION, houseRule } from '../../../foundations/index.js';
import { USUAL_DURATIONS } from './durations.js';

export const taskUsual = declare({
  key: 'hands.tasks.*.usual',
  label: 'Usually takes',
  unit: 'min',
  basis: USUAL_DURATIONS,
  formula: 'sum(part)',
});
export const strikeUsual = declare({
  key: 'hands.strike.*.usual',
  label: 'Usually takes',
  unit: 'min',
  basis: houseRule(
    'half of what it takes to set up, everything carried as far',
    'until a log says otherwise',
  ),
  formula: 'setting_up * part',
});
export const striking = declare({
  key: 'hands.striking',
  label: 'Striking takes',
  unit: 'min',
  basis: houseRule('work shared evenly; a real schedule never is faster'),
  formula: 'sum(work) / people',
});
export const taskBegins = declare({
  key: 'hands.schedule.tasks.*.begins',
  label: 'Begins, after the call',
  unit: 'min',
  basis: DEFINITION,
  method: 'as soon as what comes before it, its people and its tools are free, in the order of the schedule',
});
export const taskEnds = declare({
  key: 'hands.schedule.tasks.*.ends',
  label: 'Is done, after the call',
  unit: 'min',
  basis: DEFINITION,
  formula: 'begins + usual',
});
export const scheduleTakes = declare({
  key: 'hands.schedule.takes',
  label: 'By the schedule it takes',
  unit: 'min',
  basis: DEFINITION,
  formula: 'max(ends)',
});
export const scheduleReady = declare({
  key: 'hands.schedule.ready',
  label: 'Ready, with what is kept spare',
  unit: 'min',
  basis: houseRule('as often ready by doors as the house wants it', 'drawn from three-point times'),
  formula: 'takes + spare',
});
export const scheduleLeft = declare({
  key: 'hands.schedule.left',
  label: 'Work that it leaves out',
  unit: 'pieces',
  basis: DEFINITION,
  method: 'work of the design that has nobody in the schedule',
  limits: { raises: 'hands.schedule-old', note: { above: 0 } },
});

export const TASK_FIGURES = [
  ...[strikeUsual, striking],
  taskUsual,
  taskBegins,
  taskEnds,
  scheduleTakes,
  scheduleReady,
  scheduleLeft,
];
