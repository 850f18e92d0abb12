/** Figures of sight: past walls, over heads, past furniture, and what else stands in the picture. */
import { declare, houseRule, measurement, VENUE_PLAN } from '../../../foundations/index.js';

/** Sight must clear heads and furniture by so much, m. */
export const CLEARANCE = 0.1;
/** More of the frame hidden than this is worth a snag and is no coverage, %. */
export const HIDDEN_BEARABLE = 5;

const CLEARS = houseRule('must clear by 0.10 m');

export const hidden = declare({
  key: 'shots.shots.*.hidden',
  label: 'Frame hidden',
  unit: '%',
  basis: VENUE_PLAN,
  method: 'walls and pillars projected onto the frame at the mark; share of its width that they cover',
  limits: { raises: 'shots.hidden', risk: { above: HIDDEN_BEARABLE } },
});
export const sight = declare({
  key: 'shots.shots.*.sight',
  label: 'Sight past walls and pillars',
  unit: '',
  basis: houseRule('blocked when the middle of the frame is hidden'),
  formula: "middle ? 'blocked' : hidden > 0.5 ? 'part' : 'clear'",
  limits: { raises: 'shots.hidden', stop: { is: 'blocked' } },
});
export const overSeated = declare({
  key: 'shots.shots.*.overSeated',
  label: 'Over heads, seated',
  unit: 'm',
  basis: CLEARS,
  formula: 'hL + (hT - hL) * x / D - (seats + head)',
  limits: { raises: 'shots.heads-in-the-way', stop: { below: CLEARANCE } },
});
export const overStanding = declare({
  key: 'shots.shots.*.overStanding',
  label: 'Over heads, standing',
  unit: 'm',
  basis: CLEARS,
  formula: 'hL + (hT - hL) * x / D - (seats + head)',
  limits: { raises: 'shots.heads-in-the-way', risk: { below: CLEARANCE } },
});
export const pastSolids = declare({
  key: 'shots.shots.*.pastSolids',
  label: 'Past furniture and what hangs',
  unit: 'm',
  basis: CLEARS,
  formula: 'lens + (lowest - lens) * x / D - top',
  limits: { raises: 'shots.solid-in-the-way', stop: { below: 0 }, risk: { below: CLEARANCE } },
});
export const gearShare = declare({
  key: 'shots.gear.*.share',
  label: 'Other gear in the picture',
  unit: '%',
  basis: VENUE_PLAN,
  method:
    'stands and operators projected onto the picture, those behind walls left out; what moves, where it takes most',
  limits: { raises: 'shots.gear-in-picture', note: { above: 1 } },
});
export const coverage = declare({
  key: 'shots.coverage.*.cameras.*',
  label: 'Could take it',
  unit: '',
  basis: houseRule(
    'reached, not hidden, past furniture and over heads of people standing by 0.10 m, no profile',
  ),
  method:
    'distance, focal lengths, walls, furniture and what hangs, heads of people standing, angle off the front; in this order',
});
export const coveredBy = declare({
  key: 'shots.coverage.*.count',
  label: 'Cameras that could take it',
  unit: '',
  basis: measurement(),
  method: 'cameras that see it, reach it and are before it, counted',
  limits: { raises: 'shots.covered-once', note: { is: 1 } },
});
export const cutAngle = declare({
  key: 'shots.cuts.*.angle',
  label: 'Between the two cameras',
  unit: '°',
  basis: VENUE_PLAN,
  method: 'angle at the mark between the two cameras',
});
export const cutGood = declare({
  key: 'shots.cuts.*.good',
  label: 'Good to cut between',
  unit: '',
  basis: houseRule('at least 30° apart or another size'),
  method: 'at least 30° apart or another size',
  limits: { raises: 'shots.poor-cut', note: { is: false } },
});

export const SIGHT_FIGURES = [
  ...[hidden, sight, overSeated, overStanding, pastSolids, gearShare, coverage, coveredBy, cutAngle, cutGood],
];
