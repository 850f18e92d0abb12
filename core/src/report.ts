/** An assessment as plain data, for files, the command line and the API. */
import type { Assessment } from './assess.js';
import { compareText, figuresIn, STATIONS, type Figure } from './foundations/index.js';

export interface Report extends Pick<Assessment, 'snags' | 'accepted' | 'buckles'> {
  /** Every figure by its path, sorted. */
  readonly figures: Readonly<Record<string, Figure>>;
}

/** Every figure of the assessment with its path, sorted by path. */
export function allFigures(assessment: Assessment): [string, Figure][] {
  return STATIONS.flatMap(name => [...figuresIn(assessment[name], name)]).sort(([a], [b]) =>
    compareText(a, b),
  );
}

export function reportOf(assessment: Assessment): Report {
  const { snags, accepted, buckles } = assessment;
  return { figures: Object.fromEntries(allFigures(assessment)), snags, accepted, buckles };
}
