/** Runs: a way, a length and a cable for every lead. */
import type {
  CableMake,
  Claims,
  Connector,
  Kinds,
  Link,
  PrintedLabel,
  Rules,
  Shelf,
} from '../../documents/index.js';
import {
  calc,
  constant,
  found,
  given,
  inOrder,
  numberOf,
  taken,
  unknown,
  type Figure,
  type MapOf,
  type Memo,
  type Point,
  type VideoFormat,
} from '../../foundations/index.js';
import type { Equipment } from '../equipment.js';
import type { GroundResult } from '../ground/index.js';
import type { SignalResult } from '../signal/index.js';
import type { Station } from '../station.js';
import { endPlace, pluggedIn } from './ends.js';
import type { Zone } from './floor.js';
import { onTheFloor, type FloorWork } from './floor-work.js';
import { Laying } from './laying.js';
import { loomGroups, loomOf, type Loom } from './looms.js';
import { MAKE_WORDS } from './makes.js';
import { runNumbers } from './numbers.js';
import { proofOf, reachOf, reachVerdict, sourceOf } from './reach.js';
import { makeOf, routedRun, type RoutedRun, type RunLengths } from './routed.js';
import { squaresOf } from './trodden.js';
import { cutFigure, cutLeads, ownedCables, soldLength, type Cut } from './stock.js';

export interface RunsReads {
  readonly devices: MapOf<Equipment> | undefined;
  readonly links: MapOf<Link> | undefined;
  readonly printed: MapOf<PrintedLabel> | undefined;
  readonly kinds: Kinds;
  readonly shelf: Shelf;
  readonly claims: Claims;
  readonly rules: Rules;
  readonly ground: GroundResult;
  readonly signal: SignalResult;
}

export interface RunResult extends RunLengths {
  /** As on the tape at both of its ends: `R3`, `P12`. */
  readonly number: string;
  /** `C3 SIDE → HDMI in 3 of Switcher`. */
  readonly label: string;
  readonly from: string;
  readonly to: string;
  /** The make of its cables, and the one that was asked for. */
  readonly make: CableMake;
  readonly asked: CableMake;
  readonly makeWords: string;
  readonly connector: Connector;
  /** What runs through it, where it is a picture. */
  readonly format: VideoFormat;
  /** It crosses the floor; otherwise it stays inside a rack or on one table. */
  readonly crosses: boolean;
  readonly points: readonly Point[];
  /** Height of the floor at each point, m. */
  readonly floors: readonly number[];
  /** Segments, by the point they begin at, that hang or climb. */
  readonly aloft: ReadonlySet<number>;
  readonly crossings: readonly Zone[];
  readonly limit: Figure;
  readonly stretched: Figure;
  /** Tape codes of the chosen cables, in the order they are joined. */
  readonly cable: Figure;
  readonly cableLength: Figure;
  readonly joints: Figure;
  readonly excess: Figure;
  /** The verdict for the cable used. */
  readonly reach: Figure;
  /** What must be bought or hired for it: a length that is sold; null where the stock has it. */
  readonly wanted: Figure;
  readonly items: readonly string[];
  readonly cutBy: Cut['by'] | undefined;
  /** One of its ends brings its lead along, so that no cable is wanted. */
  readonly ownLead: boolean;
}

export interface RunsResult extends FloorWork {
  readonly runs: Readonly<Record<string, RunResult>>;
  /** Leads that share much of their way. */
  readonly looms: Readonly<Record<string, Loom>>;
  /** Makes the same ways for what is only asked about. */
  readonly laying: () => Laying;
}

function compute(reads: RunsReads, memo: Memo): RunsResult {
  const { links, devices, kinds, shelf, claims, rules, ground, signal } = reads;
  const { outline, walls, pillars, areas, doors, stairs, ceilingPoints } = ground.venue;
  // Laid only when a lead crosses it: a survey by itself has none.
  const laying = memo.once('laying', [outline, walls, pillars, areas, doors, stairs, ceilingPoints], () =>
    layingOf(ground.venue),
  );
  const leads = memo.once('leads', [links, signal.wiring, ground.places], () =>
    inOrder(links).filter(
      ([, link]) => makeOf(link, signal) !== undefined && !pluggedIn(link, signal.wiring, ground),
    ),
  );
  const routed = memo.each(
    'routed',
    leads,
    link => [
      link,
      endPlace(link.from, ground, devices),
      endPlace(link.to, ground, devices),
      laying,
      rules.slack,
      signal.wiring,
    ],
    (link, id) => routedRun(id, link, reads, laying),
  );
  const owned = memo.once('owned', [shelf, kinds, claims, devices], () =>
    ownedCables(shelf, kinds, claims, devices),
  );
  const wanted = Object.entries(routed).flatMap(([id, { figures, ownLead, make, connector, link }]) => {
    const length = numberOf(figures.length);
    return length === undefined || ownLead ? [] : [{ id, make, connector, length, link }];
  });
  const numbers = runNumbers(routed, reads.printed);
  const cuts = cutLeads(wanted, owned, rules.cableSpares ?? 0);
  const runs = memo.each(
    'runs',
    Object.entries(routed),
    (run, id) => {
      const cut = cuts.get(id);
      return [run, numbers.get(id), cut?.by, rules, signal.formats[id]?.format.value, ...(cut?.cables ?? [])];
    },
    (run, id) => runResult(id, numbers.get(id) ?? '', run, cuts.get(id), reads),
  );
  const squares = memo.each(
    'squares',
    Object.entries(runs).filter(([, run]) => run.crosses),
    run => [run.points, run.floors, run.aloft],
    run => squaresOf(run),
  );
  const looms = memo.each(
    'looms',
    loomGroups(runs, squares),
    members => members.flatMap(id => [runs[id], squares[id]]),
    members => loomOf(members, runs, squares),
  );
  const { aisles, places } = ground;
  const work = memo.once('floor work', [runs, squares, areas, doors, aisles, places], () =>
    onTheFloor(runs, squares, ground),
  );
  return memo.once('result', [runs, looms, work, laying], () => ({ runs, looms, ...work, laying }));
}

/** Floors are laid when they are first asked for. */
function layingOf(venue: GroundResult['venue']): () => Laying {
  let laying: Laying | undefined;
  return () => (laying ??= new Laying(venue));
}

function runResult(
  id: string,
  number: string,
  run: RoutedRun,
  cut: Cut | undefined,
  reads: RunsReads,
): RunResult {
  const { signal, rules } = reads;
  const path = `runs.runs.${id}`;
  const { length } = run.figures;
  const cables = cut?.cables ?? [];
  const known = signal.formats[id]?.format.value;
  const format = typeof known === 'string' ? (known as VideoFormat) : rules.format;
  // What a cable is, not what was asked for, decides how far it carries: thick coax may stand in for thin.
  const make = cables[0]?.make ?? run.make;
  const joints = found(Math.max(0, cables.length - 1), 'pieces', 'joints between its cables');
  const source = sourceOf(signal.wiring, run.link);
  const reach = reachOf({ make, format, joints: Number(joints.value), source }, rules);
  const lengthTerm = taken('length', length, `${path}.length`);
  const why = 'no owned cable is long enough';
  const cableLength = run.ownLead
    ? calc('m', 'own', [run.ownLead])
    : cut
      ? calc(
          'm',
          'sum(cable)',
          cables.map(({ kind, length: own }) =>
            given('cable', own, 'm', 'kinds', `/kinds/${kind}/cable/length`),
          ),
        )
      : unknown('m', why);
  const used =
    cableLength.value === null
      ? { ...lengthTerm, name: 'used' }
      : taken('used', cableLength, `${path}.cableLength`);
  const sold = numberOf(length) === undefined ? undefined : soldLength(Number(length.value));
  return {
    number,
    label: `${run.from.label} → ${run.to.label}`,
    from: run.from.label,
    to: run.to.label,
    ...{
      make,
      asked: run.make,
      makeWords: MAKE_WORDS[make],
      connector: run.connector,
      format,
      crosses: run.crosses,
    },
    points: run.route?.points ?? [],
    floors: run.route?.floors ?? [],
    aloft: run.route?.aloft ?? NONE,
    crossings: run.route?.crossings ?? [],
    ...run.figures,
    ...reach,
    cable: run.ownLead
      ? found('its own lead', '', 'one end brings its plug along', [run.ownLead])
      : cutFigure(cut, [lengthTerm]),
    cableLength,
    joints,
    excess:
      cableLength.value === null
        ? unknown('m', why)
        : calc('m', 'cable - length', [taken('cable', cableLength, `${path}.cableLength`), lengthTerm]),
    reach: reachVerdict(path, used, reach, format, proofOf(run.link, id, cables)),
    wanted:
      cut || run.ownLead || sold === undefined
        ? unknown('m', cut || run.ownLead ? 'the stock has it' : 'no length that is sold')
        : calc('m', 'sold', [constant('sold', sold, 'm', 'shortest length that is sold and long enough')]),
    items: cables.map(({ item }) => item),
    cutBy: cut?.by,
    ownLead: run.ownLead !== undefined,
  };
}

const NONE: ReadonlySet<number> = new Set();

export const runs: Station<RunsReads, RunsResult> = {
  name: 'runs',
  compute,
};
