/** Every figure of Runs. */
import { declare, DEFINITION, houseRule, measurement, VENUE_PLAN } from '../../foundations/index.js';

export const onFloor = declare({
  key: 'runs.runs.*.onFloor',
  label: 'On the floor',
  unit: 'm',
  basis: houseRule('along walls 1, open floor 2.5, seating 4, ramp + 6 per metre'),
  method: 'least-cost path (Dijkstra, in buckets as Dial)',
});
export const between = declare({
  key: 'runs.runs.*.between',
  label: 'Between floors',
  unit: 'm',
  basis: VENUE_PLAN,
  method: 'up and down on that path: steps, edges of galleries, stairs, ceiling',
});
export const rises = declare({
  key: 'runs.runs.*.rises',
  label: 'Rises at both ends',
  unit: 'm',
  basis: DEFINITION,
  formula: 'sum(height) - sum(floor)',
});
export const tails = declare({
  key: 'runs.runs.*.tails',
  label: 'Tails',
  unit: 'm',
  basis: houseRule('2 m at a desk, 1 m at a locked camera, 3 m at an operated one'),
  formula: 'sum(tail)',
});
export const overhead = declare({
  key: 'runs.runs.*.overhead',
  label: 'Up and over doors',
  unit: 'm',
  basis: houseRule('over a door: twice its height and 0.3 m'),
  formula: 'sum(over)',
});
export const runLength = declare({
  key: 'runs.runs.*.length',
  label: 'Length with slack',
  short: 'Needed',
  unit: 'm',
  basis: houseRule('slack'),
  formula: '(path + between + rises + tails + overhead) * (1 + slack / 100)',
});
export const limit = declare({
  key: 'runs.runs.*.limit',
  label: 'Carries by the house rule',
  unit: 'm',
  basis: houseRule('how far each make of cable carries'),
  formula: 'limit',
});
export const stretched = declare({
  key: 'runs.runs.*.stretched',
  label: 'Carries at the very most',
  unit: 'm',
  basis: houseRule('the farthest that anybody runs it'),
  formula: 'stretched',
});
export const cable = declare({
  key: 'runs.runs.*.cable',
  label: 'Cable',
  short: 'Tape',
  unit: '',
  basis: houseRule('how leads are cut from the stock'),
});
export const cableLength = declare({
  key: 'runs.runs.*.cableLength',
  label: 'Its length',
  short: 'Has',
  unit: 'm',
  basis: DEFINITION,
  formula: 'sum(cable)',
});
export const joints = declare({
  key: 'runs.runs.*.joints',
  label: 'Joints',
  unit: 'pieces',
  basis: DEFINITION,
  method: 'joints between its cables',
});
/** So much more of a cable than its way asks for is much, m. */
export const MUCH = 10;
export const excess = declare({
  key: 'runs.runs.*.excess',
  label: 'Left over',
  unit: 'm',
  basis: DEFINITION,
  formula: 'cable - length',
  limits: { raises: 'runs.much-left', note: { above: MUCH } },
});
export const reach = declare({
  key: 'runs.runs.*.reach',
  label: 'Reach',
  unit: '',
  basis: houseRule('reach is tested on the whole cable used, coiled excess included'),
});
export const wanted = declare({
  key: 'runs.runs.*.wanted',
  label: 'To buy or hire',
  unit: 'm',
  basis: measurement('lengths in which cables are sold and hired'),
  formula: 'sold',
});

export const spanLength = declare({
  key: 'runs.spans.*.length',
  label: 'All cables together',
  unit: 'm',
  basis: DEFINITION,
  formula: 'sum(used)',
});
export const spanLimit = declare({
  key: 'runs.spans.*.limit',
  label: 'Together they carry',
  unit: 'm',
  basis: houseRule('each cable uses up its share of what its make carries, 0.5 dB a pass taken off of coax'),
  formula: 'length / sum(share)',
});
export const spanStretched = declare({
  key: 'runs.spans.*.stretched',
  label: 'Together they carry at the very most',
  unit: 'm',
  basis: houseRule('each cable uses up its share of the farthest that anybody runs its make'),
  formula: 'length / sum(share)',
});
export const spanReach = declare({
  key: 'runs.spans.*.reach',
  label: 'Reach of the whole',
  unit: '',
  basis: houseRule('a signal is not made new at an adapter, a joiner, a patch bay or a line of the house'),
});

export const loomThrough = declare({
  key: 'runs.looms.*.through',
  label: 'Leads',
  unit: '',
  basis: DEFINITION,
  method: 'leads that lie together',
});
export const loomTogether = declare({
  key: 'runs.looms.*.together',
  label: 'Lie together',
  unit: 'm',
  basis: VENUE_PLAN,
  method: 'length of the longest lead that lies beside another of the loom',
});
export const loomTrunk = declare({
  key: 'runs.looms.*.trunk',
  label: 'A trunk would save',
  unit: 'm',
  basis: houseRule('a trunk is worth while from three long picture leads on'),
  formula: 'leads >= enough ? (leads - one) * together : 0 * together',
});

export const totalOnFloor = declare({
  key: 'runs.totalOnFloor',
  label: 'Leads on the floor',
  unit: 'm',
  basis: DEFINITION,
  formula: 'sum(run)',
});
export const taped = declare({
  key: 'runs.taped',
  label: 'Tape along them',
  unit: 'm',
  basis: houseRule('leads that lie together share a strip; more than three want one along each edge'),
  formula: 'few + 2 * many',
});
export const ramped = declare({
  key: 'runs.ramped',
  label: 'Ramps over',
  unit: 'm',
  basis: DEFINITION,
  formula: 'sum(aisle)',
});
export const hooks = declare({
  key: 'runs.hooks',
  label: 'Hooks over doors',
  unit: 'pieces',
  basis: houseRule('three hooks a door: one at each jamb, one between'),
  formula: 'sum(door)',
});
export const mats = declare({
  key: 'runs.mats',
  label: 'Mats in openings',
  unit: 'pieces',
  basis: DEFINITION,
  formula: 'sum(opening)',
});
export const besideMains = declare({
  key: 'runs.beside.*.mains',
  label: 'Beside mains',
  unit: 'm',
  basis: VENUE_PLAN,
  method: 'length nearer than 0.3 m to a mains lead, not across it',
  limits: { raises: 'runs.hum-near', risk: { above: 1 } },
});
/** Less than this crosses a corner of a row, m. */
const CORNER = 1;
export const amongSeats = declare({
  key: 'runs.amongSeats.*.metres',
  label: 'Among seats',
  unit: 'm',
  basis: VENUE_PLAN,
  method: 'length on the floor of seats; not along a wall, nor in a block where one of its ends stands',
  limits: { raises: 'runs.among-seats', note: { above: CORNER } },
});
export const passageLeft = declare({
  key: 'runs.passages.*.left',
  label: 'Left to pass',
  unit: 'm',
  basis: DEFINITION,
  formula: 'width - stand',
});
export const passageWideEnough = declare({
  key: 'runs.passages.*.wideEnough',
  label: 'Wide enough for a wheelchair',
  unit: '',
  basis: houseRule(
    '0.9 m for a wheelchair',
    'local code decides; ramps there must be low enough to roll over',
  ),
  formula: 'left >= passage - drawn',
  limits: { raises: 'runs.aisle-tight', stop: { is: false } },
});

export const RUNS_FIGURES = [
  ...[onFloor, between, rises, tails, overhead, runLength, limit, stretched, cable, cableLength, joints],
  ...[spanLength, spanLimit, spanStretched, spanReach],
  ...[excess, reach, wanted, loomThrough, loomTogether, loomTrunk, totalOnFloor, taped, ramped, hooks],
  ...[mats, besideMains, amongSeats, passageLeft, passageWideEnough],
];
