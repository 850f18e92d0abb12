/** Every figure of Brief. */
import { declare, DEFINITION, measurement } from '../../foundations/index.js';

export const briefStart = declare({
  key: 'brief.start',
  label: 'Live at',
  unit: 'instant',
  basis: DEFINITION,
  formula: 'start',
});
export const briefEnd = declare({
  key: 'brief.end',
  label: 'Live ends',
  unit: 'instant',
  basis: DEFINITION,
  formula: 'later(start, live)',
});
export const briefBefore = declare({
  key: 'brief.before',
  label: 'Planned before the start',
  unit: 'min',
  basis: DEFINITION,
  formula: 'sum(planned)',
});
export const phaseMinutes = declare({
  key: 'brief.phases.*',
  label: 'Planned',
  unit: 'min',
  basis: DEFINITION,
  formula: 'sum(planned)',
});
export const liveMinutes = declare({
  key: 'brief.phases.live',
  label: 'Live',
  unit: 'min',
  basis: DEFINITION,
  formula: 'sum(planned)',
  limits: { raises: 'brief.no-live-item', risk: { is: 0 } },
});
export const pastQuiet = declare({
  key: 'brief.pastQuiet',
  label: 'Live after it must be quiet',
  unit: 'min',
  basis: measurement('what the venue says'),
  formula: 'minutes(quiet, end)',
  limits: { raises: 'brief.after-quiet', risk: { above: 0 } },
});
/** Items run phase by phase; the first live one begins at the start. */
export const itemBegins = declare({
  key: 'brief.items.*.begins',
  label: 'Begins',
  unit: 'instant',
  basis: DEFINITION,
});
export const itemEnds = declare({
  key: 'brief.items.*.ends',
  label: 'Ends',
  unit: 'instant',
  basis: DEFINITION,
  formula: 'later(begins, planned)',
});
export const outputsWanted = declare({
  key: 'brief.outputsWanted',
  label: 'Outputs wanted',
  unit: 'pieces',
  basis: DEFINITION,
  formula: 'count(output)',
  limits: { raises: 'brief.no-output', stop: { is: 0 } },
});

export const BRIEF_FIGURES = [
  ...[
    briefStart,
    briefEnd,
    briefBefore,
    phaseMinutes,
    liveMinutes,
    pastQuiet,
    itemBegins,
    itemEnds,
    outputsWanted,
  ],
];
