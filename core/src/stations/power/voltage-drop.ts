/** Voltage lost on each mains lead that crosses the floor. */
import { constant, given, taken, type Figure } from '../../foundations/index.js';
import type { RunResult } from '../runs/index.js';
import { isMains } from '../runs/makes.js';
import { COPPER, sectionOf } from './copper.js';
import { leadDrop } from './figures/index.js';
import type { Timeline } from './timeline.js';
import { drawnIn, termsIn, worstStretch, type Drawing } from './worst.js';

export interface MainsLead {
  readonly length: Figure;
  readonly make: string;
}

/** Mains leads across the floor, with their length and make. */
export const mainsLeadsOf = ({
  runs,
}: {
  readonly runs: Readonly<Record<string, RunResult>>;
}): Readonly<Record<string, MainsLead>> =>
  Object.fromEntries(
    Object.entries(runs).flatMap(([id, { crosses, cableLength, make }]) =>
      isMains(make) && crosses ? [[id, { length: cableLength, make }]] : [],
    ),
  );

export interface LoadedLead extends MainsLead {
  /** Devices that draw their current through it. */
  readonly through: readonly string[] | undefined;
  readonly timeline: Timeline;
  readonly drawing: Drawing;
  readonly volts: number;
}

export function dropOn(
  id: string,
  { length, make, through = [], timeline, drawing, volts }: LoadedLead,
): { readonly drop: Figure } {
  const k = worstStretch(timeline.length, at => drawnIn(through, drawing, at));
  const terms = [
    taken('L', length),
    ...termsIn('I', 'amps', through, drawing, k),
    constant('rho', COPPER, 'Ω·mm²/m', 'copper at 75 °C'),
    constant('A', sectionOf(make), 'mm²', 'cross section of the lead'),
    given('V', volts, 'V', 'venue', '/volts'),
  ];
  return { drop: leadDrop.calc([id], terms, { rule: 'warn above 3 %' }) };
}
