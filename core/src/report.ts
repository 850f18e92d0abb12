/** An assessment as plain data, for files, the command line and the API. */
import type { Assessment } from './assess.js';
import { compareText, figuresIn, STATIONS, type Figure } from './foundations/index.js';

export interface Report extends Pick<Assessment, 'snags' | 'accepted' | 'buckles'> {
  /** Every figure by its path, sorted. */
  readonly figures: Readonly<Record<string, PlainFigure>>;
}

interface PlainFigure extends Omit<Figure, 'of' | 'path'> {
  readonly label?: string;
}

/** Every figure of the assessment with its path, sorted by path. */
export function allFigures(assessment: Assessment): [string, Figure][] {
  return STATIONS.flatMap(name => [...figuresIn(assessment[name], name)]).sort(([a], [b]) =>
    compareText(a, b),
  );
}

export function reportOf(assessment: Assessment): Report {
  const { snags, accepted, buckles } = assessment;
  const figures = allFigures(assessment).map(([path, figure]) => [path, plainly(figure)] as const);
  return { figures: Object.fromEntries(figures), snags, accepted, buckles };
}

/** A figure as data: its label in place of its declaration. */
const plainly = ({ of, path: _path, ...figure }: Figure): PlainFigure =>
  of ? { label: of.label, ...figure } : figure;
