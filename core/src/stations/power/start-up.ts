/** Switching on: inrush against what a breaker lets pass, all at once and one after another. */
import type { Circuit, Kind } from '../../documents/index.js';
import { constant, given, taken, type Figure } from '../../foundations/index.js';
import * as figures from './figures/index.js';
import type { CircuitLoad, StartUp } from './result.js';

/** From – to which multiple of its rating a breaker trips at once (IEC 60898-1). */
export const TRIPS_AT = { B: [3, 5], C: [5, 10], D: [10, 20] } as const;

export interface SwitchedOn {
  readonly circuit: Circuit;
  readonly load: CircuitLoad;
  /** Devices of ours on it whose inrush is known, with their kinds. */
  readonly known: readonly (readonly [kindId: string, kind: Kind])[];
}

/** Inrush of the devices of a circuit whose inrush is known; without the curve of its breaker no share of it. */
export function startUp(id: string, { circuit, load, known }: SwitchedOn): StartUp {
  const inrush = known.map(([kindId, { power }]) =>
    given('inrush', power?.inrush, 'A', 'kinds', `/kinds/${kindId}/power/inrush`),
  );
  const together = figures.startTogether.calc([id], inrush);
  const single = figures.startSingle.calc(
    [id],
    [...inrush, taken('ours', load.ours), taken('other', load.other)],
  );
  const breaker = given('breaker', circuit.amps, 'A', 'venue', `/circuits/${id}/amps`);
  const times = circuit.curve && TRIPS_AT[circuit.curve];
  const why = 'the curve of its breaker is not known: it is printed before the amps';
  const shareOf = (
    figure: typeof figures.startShare | typeof figures.startSingleShare,
    name: string,
    of: Figure,
    least: number | undefined,
  ): Figure =>
    least === undefined
      ? figure.unknown([id], why, [taken(name, of)])
      : figure.calc(
          [id],
          [taken(name, of), constant('times', least, '', `curve ${circuit.curve ?? ''}`), breaker],
        );
  return {
    together,
    single,
    share: shareOf(figures.startShare, 'together', together, times?.[0]),
    singleShare: shareOf(figures.startSingleShare, 'single', single, times?.[1]),
  };
}
