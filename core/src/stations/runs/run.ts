/** One lead with its cables: how long they are, what is left over, and whether they carry that far. */
import type { CableMake, Rules } from '../../documents/index.js';
import {
  constant,
  given,
  numberOf,
  taken,
  type Figure,
  type Value,
  type VideoFormat,
} from '../../foundations/index.js';
import type { PlanWiring } from '../signal/index.js';
import * as figures from './figures.js';
import { endsWords } from '../signal/lead-ends.js';
import { MAKE_WORDS } from './makes.js';
import { proofOf, reachOf, reachVerdict, sourceOf } from './reach.js';
import type { RunResult } from './result.js';
import type { RoutedRun } from './routed.js';
import { cutFigure, soldLength, type Cut, type JoinedPorts } from './stock.js';

export interface RunWithCut {
  readonly number: string;
  readonly run: RoutedRun;
  readonly cut: Cut | undefined;
  /** What runs through it, where that is known. */
  readonly known: Value | undefined;
  readonly wiring: PlanWiring;
  readonly rules: Rules;
}

/** One lead with its cables, and whether they carry that far. */
export function runResult(id: string, { number, run, cut, known, wiring, rules }: RunWithCut): RunResult {
  const { length } = run.figures;
  const cables = cut?.cables ?? [];
  const format = typeof known === 'string' ? (known as VideoFormat) : rules.format;
  // What a cable is, not what was asked for, decides how far it carries: thick coax may stand in for thin.
  const make = cables[0]?.make ?? run.make;
  const joints = figures.joints.found([id], Math.max(0, cables.length - 1));
  const source = sourceOf(wiring, run.link);
  const reach = reachOf(id, { make, format, joints: Number(joints.value), source }, rules);
  const lengthTerm = taken('length', length);
  const cableLength = lengthOfCables(id, run, cut);
  const used = cableLength.value === null ? { ...lengthTerm, name: 'used' } : taken('used', cableLength);
  const beyondCord = Number(length.value) - Number(run.cord?.value ?? 0);
  const sold = numberOf(length) === undefined ? undefined : soldLength(beyondCord);
  return {
    number,
    label: `${run.from.label} → ${run.to.label}`,
    from: run.from.label,
    to: run.to.label,
    make,
    asked: run.make,
    makeWords: wordsOf(make, run.ports),
    connector: run.connector,
    ports: run.ports,
    format,
    crosses: run.crosses,
    points: run.route?.points ?? [],
    floors: run.route?.floors ?? [],
    aloft: run.route?.aloft ?? NONE,
    crossings: run.route?.crossings ?? [],
    ...run.figures,
    ...reach,
    cable: run.ownLead
      ? figures.cable.found([id], 'its own lead', [run.ownLead], {
          method: 'it comes with one of its ends, or with their case',
        })
      : cutFigure(id, cut, [lengthTerm]),
    cableLength,
    joints,
    excess:
      cableLength.value === null
        ? figures.excess.unknown([id], NOT_OWNED)
        : figures.excess.calc(
            [id],
            [taken('cable', cableLength), ...(run.cord ? [run.cord] : []), lengthTerm],
            run.cord ? { formula: 'cable + cord - length' } : {},
          ),
    reach: reachVerdict(id, used, reach, format, proofOf(run.link, id, cables)),
    wanted:
      cut || run.ownLead || sold === undefined
        ? figures.wanted.unknown([id], cut || run.ownLead ? 'the stock has it' : 'no length that is sold')
        : figures.wanted.calc(
            [id],
            [constant('sold', sold, 'm', 'shortest length that is sold and long enough')],
          ),
    items: cables.map(({ item }) => item),
    cutBy: cut?.by,
    cord: Number(run.cord?.value ?? 0),
    ownLead: run.ownLead !== undefined,
    rack: run.rack,
    stays: run.stays,
  };
}

/** `HDMI`, or with its ends where they are unlike: `HDMI C to HDMI A`, `unbalanced audio, XLR to TRS 3.5`. */
function wordsOf(make: CableMake, ports: JoinedPorts): string {
  const ends = endsWords(...ports);
  if (ends === undefined) return MAKE_WORDS[make];
  return make === 'hdmi-plain' ? ends : `${MAKE_WORDS[make]}, ${ends}`;
}

const NONE: ReadonlySet<number> = new Set();
const NOT_OWNED = 'no owned cable is long enough';

function lengthOfCables(id: string, { ownLead }: RoutedRun, cut: Cut | undefined): Figure {
  if (ownLead) return figures.cableLength.calc([id], [ownLead], { formula: 'own' });
  if (!cut) return figures.cableLength.unknown([id], NOT_OWNED);
  return figures.cableLength.calc(
    [id],
    cut.cables.map(({ kind, length }) => given('cable', length, 'm', 'kinds', `/kinds/${kind}/cable/length`)),
  );
}
