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
export const strikeBegins = declare({
  key: 'hands.struck.tasks.*.begins',
  label: 'Begins, after the end',
  unit: 'min',
  basis: DEFINITION,
  method: 'as soon as what comes before it, its people and its tools are free, in the order of the schedule',
});
export const strikeEnds = declare({
  key: 'hands.struck.tasks.*.ends',
  label: 'Is done, after the end',
  unit: 'min',
  basis: DEFINITION,
  formula: 'begins + usual',
});
export const strikeTakes = declare({
  key: 'hands.struck.takes',
  label: 'By the schedule striking takes',
  unit: 'min',
  basis: DEFINITION,
  formula: 'max(ends)',
});
export const strikeReady = declare({
  key: 'hands.struck.ready',
  label: 'Everything is out, with what is kept spare',
  unit: 'min',
  basis: houseRule('as often as the house wants it', 'drawn from three-point times'),
  formula: 'takes + spare',
});
export const strikeLeft = declare({
  key: 'hands.struck.left',
  label: 'Striking that the schedule leaves out',
  unit: 'pieces',
  basis: DEFINITION,
  method: 'work of the strike that has nobody in the schedule',
  limits: { raises: 'hands.schedule-old', note: { above: 0 } },
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
  ...[strikeBegins, strikeEnds, strikeTakes, strikeReady, strikeLeft],
];

/** Figures of a schedule, each of one part of the work. */
export interface OfSchedule {
  readonly begins: typeof taskBegins | typeof strikeBegins;
  readonly ends: typeof taskEnds | typeof strikeEnds;
  readonly takes: typeof scheduleTakes | typeof strikeTakes;
  readonly ready: typeof scheduleReady | typeof strikeReady;
  readonly left: typeof scheduleLeft | typeof strikeLeft;
  /** Where its spare minutes are in the plan. */
  readonly spare: string;
}
export const BEFORE: OfSchedule = {
  ...{ begins: taskBegins, ends: taskEnds, takes: scheduleTakes, ready: scheduleReady, left: scheduleLeft },
  spare: '/schedule/spare',
};
export const AFTER: OfSchedule = {
  ...{ begins: strikeBegins, ends: strikeEnds, takes: strikeTakes, ready: strikeReady, left: strikeLeft },
  spare: '/schedule/strikeSpare',
};
