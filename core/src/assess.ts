/**
 * The assessment: one bundle flows through the stations in order; every figure, run, load, list and snag
 * comes out. Pure, synchronous, deterministic.
 */
import type { Bundle, Rules } from './documents/index.js';
import { compareSnags, Memo, snagsOf, STATIONS, type Snag, type StationName } from './foundations/index.js';
import { review, type BuckleState, type AcceptedSnag } from './review.js';
import { brief, type BriefResult } from './stations/brief/index.js';
import { day, type DayResult } from './stations/day/index.js';
import { ground, type GroundResult } from './stations/ground/index.js';
import { hands, type HandsResult } from './stations/hands/index.js';
import { pack, type PackResult } from './stations/pack/index.js';
import { power, type PowerResult } from './stations/power/index.js';
import { racks, type RacksResult } from './stations/racks/index.js';
import { runs, type RunsResult } from './stations/runs/index.js';
import { shots, type ShotsResult } from './stations/shots/index.js';
import { signal, type SignalResult } from './stations/signal/index.js';
import type { Seen, Station } from './stations/station.js';
import { stream, type StreamResult } from './stations/stream/index.js';

export interface Results {
  readonly brief: BriefResult;
  readonly ground: GroundResult;
  readonly shots: ShotsResult;
  readonly signal: SignalResult;
  readonly stream: StreamResult;
  readonly runs: RunsResult;
  readonly power: PowerResult;
  readonly racks: RacksResult;
  readonly pack: PackResult;
  readonly hands: HandsResult;
  readonly day: DayResult;
}

export interface Assessment extends Results {
  /** Open snags, the worst first. */
  readonly snags: readonly Snag[];
  readonly accepted: readonly AcceptedSnag[];
  readonly buckles: Readonly<Record<StationName, BuckleState>>;
  /** The rules in force for this event: the organisation’s with the event’s own choices. */
  readonly rules: Rules;
}

export type Assessor = (bundle: Bundle) => Assessment;

/** What a station read, with its rules, so that fixes can be asked for later. */
type Asked = { readonly [Name in StationName]?: { input: object; station: Station<never, never> } };

interface Chain {
  readonly results: Results;
  readonly rules: Rules;
  readonly snags: readonly Snag[];
  readonly asked: Asked;
}

/** An assessor with a memory of its own: assessing again recomputes only what hangs on what changed. */
export function createAssessor(): Assessor {
  const chain = createChain();
  const memo = new Memo();
  return bundle => {
    const { results, rules, snags } = chain(bundle);
    const reviewed = memo.once('review', [results, rules, snags, bundle.plan], () =>
      review(bundle.plan, results, rules, snags),
    );
    memo.endPass();
    return { ...results, ...reviewed, rules };
  };
}

/** One assessment from nothing. */
export const assess = (bundle: Bundle): Assessment => createAssessor()(bundle);

/** The chain of stations with its memory; also keeps what each station read. */
export function createChain(): (bundle: Bundle) => Chain {
  const memos = Object.fromEntries(STATIONS.map(name => [name, new Memo()])) as Record<StationName, Memo>;
  const shared = new Memo();

  return ({ plan, venue: sharedVenue, rules: houseRules, kinds, shelf, hands: people, claims }) => {
    const asked: { -readonly [Name in keyof Asked]: Asked[Name] } = {};
    const found: Snag[][] = [];
    const run = <Reads extends object, Result extends object>(
      station: Station<Reads, Result>,
      reads: Reads,
    ): Result => {
      const memo = memos[station.name];
      const own = station.compute(reads, memo);
      const input: Seen<Reads, Result> = { ...reads, own };
      found.push(memo.once('snags', Object.values(input), () => snagsOf(station.rules, input)));
      asked[station.name] = { input, station: station as unknown as Station<never, never> };
      memo.endPass();
      return own;
    };

    const rules = shared.once('rules', [houseRules, plan.rules], () => ({ ...houseRules, ...plan.rules }));
    const { devices, links, outputs, runningOrder } = plan;
    const results = {} as { -readonly [Name in keyof Results]: Results[Name] };
    results.brief = run(brief, { start: plan.start, outputs, runningOrder });
    results.ground = run(ground, { sharedVenue, venueChanges: plan.venueChanges, devices, rules });
    results.shots = run(shots, { devices, shots: plan.shots, kinds, rules, ground: results.ground });
    results.signal = run(signal, { devices, links, outputs, kinds, shelf });
    results.stream = run(stream, {
      ...{ outputs, venue: results.ground.venue, rules, kinds },
      ...{ brief: results.brief, signal: results.signal },
    });
    results.runs = run(runs, {
      ...{ devices, links, kinds, shelf, claims, rules },
      ...{ ground: results.ground, signal: results.signal },
    });
    results.power = run(power, {
      ...{ devices, links, kinds, shelf, rules, brief: results.brief },
      ...{ ground: results.ground, signal: results.signal, runs: results.runs },
    });
    results.racks = run(racks, { devices, kinds, power: results.power });
    results.pack = run(pack, { devices, kinds, shelf, claims, runs: results.runs });
    results.hands = run(hands, {
      ...{ devices, outputs, runningOrder, assignments: plan.assignments, hands: people },
      ...{ brief: results.brief, signal: results.signal, runs: results.runs },
    });
    results.day = run(day, {
      ...{ ticks: plan.ticks, outputs, shelf, shots: results.shots, signal: results.signal },
      ...{ stream: results.stream, runs: results.runs, pack: results.pack },
    });
    const snags = shared.once('snags', found, () => found.flat().sort(compareSnags));
    const kept = shared.once('results', Object.values(results), () => results);
    shared.endPass();
    return { results: kept, rules, snags, asked };
  };
}
