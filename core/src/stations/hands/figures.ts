/** Every figure of Hands. */
import { declare, DEFINITION, houseRule, measurement, standard } from '../../foundations/index.js';
import { ALL_OF_IT } from './attention.js';
import { sumOf, USUAL_DURATIONS, type WorkPart } from './tasks/durations.js';
import { TASK_FIGURES } from './tasks/figures.js';

/** What the work before the line check is the sum of, each with its sort, as far as a house may learn of it. */
export const WORK_PARTS: readonly WorkPart[] = [
  ['operated * per_operated', 'operated'],
  ['locked * per_locked', 'locked'],
  ['floor / taping', 'laying'],
  ['ramps * per_ramp', 'ramp'],
  ['links * per_link', 'plugging'],
  ['cameras * formats', 'formats'],
  ['cameras * white', 'white'],
  ['sum(carried)', 'carrying'],
];
/** The same of all that is done before the rehearsal. */
export const RIGGING_PARTS: readonly WorkPart[] = [
  ['work / people'],
  ['power_up', 'powerUp'],
  ['line_check', 'lineCheck'],
  ['sum(pause)'],
];
export const roleFilled = declare({
  key: 'hands.roles.*.filled',
  label: 'Filled',
  unit: '',
  basis: DEFINITION,
  limits: { raises: 'hands.unfilled', risk: { is: false } },
});
export const rolesWanted = declare({
  key: 'hands.wanted',
  label: 'Roles',
  unit: 'people',
  basis: DEFINITION,
  formula: 'count(role)',
});
export const rolesFilled = declare({
  key: 'hands.filled',
  label: 'Filled',
  unit: 'people',
  basis: DEFINITION,
  formula: 'sum(role)',
});
export const peopleCount = declare({
  key: 'hands.people',
  label: 'People',
  unit: 'people',
  basis: DEFINITION,
  method: 'different people put on roles',
});
export const work = declare({
  key: 'hands.work',
  label: 'Work before the line check',
  unit: 'min',
  basis: USUAL_DURATIONS,
  formula: sumOf(WORK_PARTS),
});
export const saved = declare({
  key: 'hands.saved',
  label: 'Saved by cases that arrive wired',
  unit: 'min',
  basis: USUAL_DURATIONS,
  formula: 'links * per_link',
});
export const rigging = declare({
  key: 'hands.rigging',
  label: 'Rigging and checking take',
  unit: 'min',
  basis: houseRule('work shared evenly; a real schedule never is faster'),
  formula: sumOf(RIGGING_PARTS),
});
export const callTime = declare({
  key: 'hands.call',
  label: 'Call',
  unit: 'instant',
  basis: houseRule('counted back from the start'),
  formula: 'later(start, -(max(rigging, rig + check) + rehearse + wait))',
});
export const crewHours = declare({
  key: 'hands.crewHours',
  label: 'Hours of crew',
  unit: 'h',
  basis: houseRule('everybody from the call to the end of the strike, each to the half hour begun'),
  formula:
    '(people + wanted - filled) * ceil((max(rigging, rig + check) + rehearse + wait + live + strike) / half) * half / 60',
});
export const operatorApart = declare({
  key: 'hands.shared.*.apart',
  label: 'Between the cameras of one person',
  unit: 'm',
  basis: measurement('straight on the plan'),
  method: 'between the two cameras of this person that are farthest apart',
  limits: { raises: 'hands.operator-apart', risk: { above: 2.5 } },
});

const ATTENTION = houseRule('seconds of attention that each thing takes, spread over the item');

export const itemLeast = declare({
  key: 'hands.workload.*.items.*.least',
  label: 'At least to do',
  unit: '%',
  basis: ATTENTION,
});
export const itemMost = declare({
  key: 'hands.workload.*.items.*.most',
  label: 'At most to do',
  unit: '%',
  basis: ATTENTION,
});
export const peak = declare({
  key: 'hands.workload.*.peak',
  label: 'To do in the fullest item',
  unit: '%',
  basis: ATTENTION,
  formula: 'max(load)',
  limits: { raises: 'hands.overload', risk: { above: ALL_OF_IT } },
});
export const atOnce = declare({
  key: 'hands.workload.*.atOnce',
  label: 'Takes both hands at once',
  unit: '',
  basis: DEFINITION,
  formula: 'sum(thing)',
  limits: { raises: 'hands.two-jobs', risk: { above: 1 } },
});
export const verdict = declare({
  key: 'hands.workload.*.verdict',
  label: 'By one person',
  unit: '',
  basis: ATTENTION,
});
export const lineTalkback = declare({
  key: 'hands.lines.*.talkback',
  label: 'Its operator hears whoever calls by',
  unit: '',
  basis: DEFINITION,
  method: 'the talkback of the camera, where somebody else works it than calls',
  limits: { raises: 'hands.unheard', risk: { is: null } },
});
export const lineTally = declare({
  key: 'hands.lines.*.tally',
  label: 'Its operator sees what is on air by',
  unit: '',
  basis: DEFINITION,
  method: 'the tally of the camera, where somebody else works it than mixes',
  limits: { raises: 'hands.unheard', note: { is: null } },
});
export const inside = declare({
  key: 'hands.inside',
  label: 'Crew inside',
  unit: 'people',
  basis: DEFINITION,
  formula: 'people + wanted - filled',
});
export const placesLeft = declare({
  key: 'hands.placesLeft',
  label: 'Places left for the crew',
  unit: 'people',
  basis: measurement('how many the venue lets in'),
  formula: 'allowed - inside',
  limits: { raises: 'hands.crew-limit', risk: { below: 0 } },
});

export const askedFrom = declare({
  key: 'hands.askedFrom',
  label: 'Asked to come from',
  unit: 'instant',
  basis: DEFINITION,
  formula: 'later(start, -before)',
});
export const leave = declare({
  key: 'hands.leave',
  label: 'Everything is struck',
  unit: 'instant',
  basis: DEFINITION,
  formula: 'later(end, strike)',
});
export const saysOnDuty = declare({
  key: 'hands.onDuty.*.says',
  label: 'Says of this time',
  unit: '',
  basis: measurement('what they said of when they come'),
  method: 'of whoever is put on a role',
  limits: {
    raises: 'hands.away',
    risk: { is: 'is away' },
    note: { is: 'would rather not' },
  },
});
const ELSEWHERE = {
  unit: '',
  basis: DEFINITION,
  method: 'the planned times of both events, and where they are',
} as const;
export const liveMeanwhile = declare({
  key: 'hands.elsewhere.*.live',
  label: 'Live at one time with another event',
  ...ELSEWHERE,
  limits: { raises: 'hands.elsewhere', stop: { is: 'at two places' }, risk: { is: 'at one place' } },
});
export const meanwhile = declare({
  key: 'hands.elsewhere.*.beside',
  label: 'At one time with another event, though not live',
  ...ELSEWHERE,
  limits: { raises: 'hands.elsewhere', risk: { is: 'at two places' }, note: { is: 'at one place' } },
});
export const adultsWith = declare({
  key: 'hands.young.*.adults',
  label: 'Adults with them, of no family',
  unit: 'people',
  basis: houseRule('two adults who are no family of theirs and of each other', 'usual in safeguarding'),
  method: 'on roles at the event, the most of whom no two are of one family',
  limits: { raises: 'hands.young-alone', risk: { below: 2 } },
});
export const youngStays = declare({
  key: 'hands.young.*.stays',
  label: 'Stays beyond the house’s time',
  unit: 'min',
  basis: houseRule('when whoever is under 18 has left', 'local law may say it too'),
  method: 'from when the house wants them to have left to when everything is struck',
  limits: { raises: 'hands.young-late', risk: { above: 0 } },
});

export const youngStretch = declare({
  key: 'hands.young.*.stretch',
  label: 'Without a break',
  unit: 'h',
  basis: standard('Directive 94/33/EC, article 12; local law may say otherwise'),
  formula: 'stretch',
  limits: { raises: 'hands.long-stretch', note: { above: 4.5 } },
});
export const youngRide = declare({
  key: 'hands.young.*.ride',
  label: 'Adults they come with, of no family',
  unit: 'people',
  basis: houseRule('two adults in a car too, of no family of each other', 'usual in safeguarding'),
  method: 'on roles at the event, of whom it is said that they come together',
  limits: { raises: 'hands.young-ride', note: { below: 2 } },
});
export const stretch = declare({
  key: 'hands.stretch',
  label: 'Longest time without a break',
  unit: 'h',
  basis: standard('Directive 2003/88/EC, article 4; local law may say otherwise'),
  method: 'from when people are asked for to the end, between times of waiting of 20 minutes or more',
  limits: { raises: 'hands.long-stretch', note: { above: 6 } },
});
export const awake = declare({
  key: 'hands.awake.*',
  label: 'Awake when they are home',
  unit: 'h',
  basis: standard(
    'Dawson and Reid, Nature 388 (1997), 235: after 17 hours awake people do as badly as with 0.05 % of alcohol in their blood',
  ),
  formula: '(up_before + 2 * way + minutes(from, leave)) / 60',
  limits: { raises: 'hands.tired-drive', risk: { above: 17 } },
});
export const alone = declare({
  key: 'hands.alone',
  label: 'Strikes alone after ten in the evening',
  unit: 'min',
  basis: houseRule('nobody strikes alone at night'),
  method: 'where one person does everything',
  limits: { raises: 'hands.strike-alone', note: { above: 0 } },
});
export const beforeOpen = declare({
  key: 'hands.beforeOpen',
  label: 'Called before the venue opens',
  unit: 'min',
  basis: measurement('what the venue says'),
  formula: 'minutes(call, open)',
  limits: { raises: 'hands.before-open', risk: { above: 0 } },
});
export const afterLocked = declare({
  key: 'hands.afterLocked',
  label: 'Struck after the venue is locked',
  unit: 'min',
  basis: measurement('what the venue says'),
  formula: 'minutes(locked, leave)',
  limits: { raises: 'hands.after-locked', risk: { above: 0 } },
});

export const HANDS_FIGURES = [
  ...[beforeOpen, afterLocked],
  ...TASK_FIGURES,
  ...[askedFrom, leave, saysOnDuty, liveMeanwhile, meanwhile, adultsWith, youngStays],
  ...[youngStretch, youngRide, stretch, awake, alone],
  ...[lineTalkback, lineTally, itemLeast, itemMost, peak, atOnce, verdict, inside, placesLeft],
  crewHours,
  ...[roleFilled, rolesWanted, rolesFilled, peopleCount, work, saved, rigging, callTime, operatorApart],
];
