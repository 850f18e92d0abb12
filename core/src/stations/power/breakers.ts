/** Load on each breaker at its worst minute, ours and what hangs on it already, by the house rule. */
import type { Circuit, Phase, Rules } from '../../documents/index.js';
import { constant, given, taken, type Figure, type Term } from '../../foundations/index.js';
import * as figures from './figures/index.js';
import { CONTINUOUS, countsAs, othersCounted, othersOn, type Other } from './others.js';
import type { CircuitLoad } from './result.js';
import { cutAt, lasts, onIn, type Stretch, type Timeline } from './timeline.js';
import { drawnIn, termsIn, worstStretch, type Drawing } from './worst.js';

export interface OnCircuit {
  readonly circuit: Circuit;
  /** Devices of ours that draw on it. */
  readonly ours: readonly string[] | undefined;
  readonly timeline: Timeline;
  readonly drawing: Drawing;
  readonly start: string;
  readonly zone: string;
  readonly volts: number;
  readonly school: Rules['mainsLoad'];
}

/** A stretch as cut by what others switch, with its place in the day. */
interface Piece extends Stretch {
  readonly k: number;
}

export function circuitLoad(id: string, of: OnCircuit): CircuitLoad {
  const { circuit, ours = [], drawing, school, start, zone, volts } = of;
  const others = othersOn(circuit, { volts, start, zone });
  const spans = others.flatMap(other => other.spans);
  const pieces = of.timeline.flatMap((stretch, k): Piece[] =>
    cutAt([stretch], spans).map(piece => ({ ...piece, k })),
  );
  const lastsOf = (device: string, k: number): number => drawing.states[device]?.[k]?.lasts ?? 0;
  const oursCounted = ({ k }: Piece): number =>
    ours.reduce(
      (sum, device) => sum + drawnIn([device], drawing, k) * countsAs(lastsOf(device, k), school),
      0,
    );
  // What others have on it is no concern of ours while we add nothing.
  const added = pieces.filter(piece => oursCounted(piece) !== 0);
  const looked = added.length > 0 ? added : pieces;
  const countedIn = (piece: Piece): number => oursCounted(piece) + othersCounted(others, piece, school);
  const counts = looked.map(countedIn);
  const worst = looked[worstStretch(looked.length, at => counts[at] ?? 0)] ?? looked[0];
  if (!worst) throw new Error('a day has no stretch');
  const on = others.filter(other => onIn(other.spans, worst));
  const schooled = given('school', school, '', 'rules', '/mainsLoad');
  const other = figures.circuitOther.calc([id], otherTerms(id, circuit, on, volts), {
    formula: on.length === 0 ? 'sum(none)' : on.map((_, i) => `P${i} / (V * pf${i})`).join(' + '),
  });
  const mine = figures.circuitOurs.calc([id], termsIn('load', 'amps', ours, drawing, worst.k));
  const lasting: Term[] = [
    ...termsIn(
      'lasting',
      'amps',
      ours.filter(device => lastsOf(device, worst.k) >= CONTINUOUS),
      drawing,
      worst.k,
    ),
    ...on
      .filter(each => lasts(onIn(each.spans, worst) ?? worst) >= CONTINUOUS)
      .map(each =>
        constant('lasting', each.amps, 'A', `${circuit.others?.[each.id]?.label ?? ''}, on for three hours`),
      ),
  ];
  const counted = figures.circuitCounted.calc(
    [id],
    [taken('other', other), schooled, taken('ours', mine), ...lasting],
    {
      rule:
        school === 'eighty'
          ? 'what lasts three hours unbroken or longer counts 1.25 ×'
          : 'full rating less known load',
    },
  );
  const breaker = given('breaker', circuit.amps, 'A', 'venue', `/circuits/${id}/amps`);
  return {
    worst: whenOf(id, worst, start),
    ...{ other, ours: mine, counted },
    left: figures.circuitLeft.calc([id], [breaker, taken('counted', counted), schooled]),
    share: figures.circuitShare.calc([id], [taken('counted', counted), breaker]),
    ...(circuit.wiring === 'ring' && {
      side: figures.circuitSide.calc([id], [taken('counted', counted)]),
    }),
    phases: phasesOf(id, pieces, countedIn),
  };
}

const whenOf = (id: string, { from, label }: Stretch, start: string): Figure =>
  Number.isFinite(from)
    ? figures.circuitWorst.calc(
        [id],
        [given('start', start, 'instant', 'plan', '/start'), constant('after', from, 'min', label)],
      )
    : figures.circuitWorst.unknown([id], 'no running order says when');

/** What the survey knows to be on it in that minute. */
const otherTerms = (id: string, { others }: Circuit, on: readonly Other[], volts: number): Term[] =>
  on.length === 0
    ? []
    : [
        given('V', volts, 'V', 'venue', '/volts'),
        ...on.flatMap(({ id: other }, i) => [
          given(`P${i}`, others?.[other]?.watts, 'W', 'venue', `/circuits/${id}/others/${other}/watts`),
          given(`pf${i}`, others?.[other]?.factor, '', 'venue', `/circuits/${id}/others/${other}/factor`),
        ]),
      ];

/** The most that counts in each phase of the day. */
function phasesOf(
  id: string,
  pieces: readonly Piece[],
  counted: (piece: Piece) => number,
): Readonly<Record<string, Figure>> {
  const most = new Map<Phase, number>();
  for (const piece of pieces) {
    if (piece.phase === undefined) continue;
    const count = counted(piece);
    const before = most.get(piece.phase) ?? 0;
    if (Number.isNaN(count) || count > before) most.set(piece.phase, count);
  }
  return Object.fromEntries(
    [...most].map(([phase, amps]) => [
      phase,
      Number.isNaN(amps)
        ? figures.circuitPhase.unknown([id, phase], 'nobody has measured all that hangs on it')
        : figures.circuitPhase.found([id, phase], amps),
    ]),
  );
}
