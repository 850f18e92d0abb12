/**
 * The assessment: one bundle flows through the stations in order; every figure, run, load, list and snag
 * comes out. Pure, synchronous, deterministic. A part is worked out when it is first read, so that a picture
 * that follows the pointer pays for what it draws and not for the checklist of the day.
 */
import type { Bundle, Rules } from './documents/index.js';
import {
  compareSnags,
  resultOf,
  Parts,
  snagsOf,
  STATIONS,
  type Rule,
  type Snag,
  type StationName,
} from './foundations/index.js';
import { review, type BuckleState, type AcceptedSnag } from './review.js';
import { equipmentOf } from './stations/equipment.js';
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

/** The rules of each station. */
export type RuleBook = Readonly<Record<StationName, readonly Rule<never>[]>>;

export type Assessor = (bundle: Bundle) => Assessment;

/** What a station read and what came of it. */
interface Visit {
  readonly station: Station<never, never>;
  readonly rules: readonly Rule<never>[];
  /** What the station read, with its own result: what its rules see. */
  readonly input: object;
  readonly own: object;
  readonly snags: readonly Snag[];
}

export interface Chain {
  readonly rules: Rules;
  readonly visits: Readonly<Record<StationName, Visit>>;
  readonly results: Results;
  /** Every snag found, accepted or not, the worst first. */
  readonly snags: readonly Snag[];
}

/**
 * An assessor with a memory of its own: assessing again recomputes only what hangs on what changed. The rules are
 * asked for each time: figures can be worked out before anybody has rules to check them.
 */
export function createAssessorBy(rules: () => RuleBook): Assessor {
  const chain = createChainBy(rules);
  const parts = new Parts();
  return bundle => {
    const { plan } = bundle;
    const found = chain(bundle);
    const reviewed = (): ReturnType<typeof review> => {
      const { results, rules, snags } = found;
      const all = resultsBy(name => results[name]);
      const own = Object.fromEntries(STATIONS.map(name => [name, all[name]()]));
      return parts.remembered('review', { ...own, plan, rules, snags }, () =>
        review(plan, results, rules, snags),
      );
    };
    return resultOf<Assessment>({
      ...resultsBy(name => found.results[name]),
      snags: () => reviewed().snags,
      accepted: () => reviewed().accepted,
      buckles: () => reviewed().buckles,
      rules: () => found.rules,
    });
  };
}

/**
 * The chain of stations with its memory; also keeps what each station read, so that fixes can be asked for. `worked` is
 * told of every part and rule that is worked out.
 */
export function createChainBy(
  book: () => RuleBook,
  worked?: (part: string) => void,
): (bundle: Bundle) => Chain {
  const partsOf = (): Record<StationName, Parts> =>
    memories(name => new Parts(worked && (key => worked(`${name}: ${key}`))));
  const [computed, checked] = [partsOf(), partsOf()];
  const shared = new Parts();

  const visit = <Reads extends object, Result extends object>(
    station: Station<Reads, Result>,
    reads: Reads,
  ): Visit => {
    const rules = book()[station.name];
    return shared.madeOf(station.name, { ...reads, 'the rules in force': rules }, () => {
      const own = station.compute(reads, computed[station.name]);
      const input: Seen<Reads, Result> = { ...reads, own };
      return resultOf<Visit>({
        station: () => station as unknown as Station<never, never>,
        rules: () => rules,
        input: () => input,
        own: () => own,
        snags: () =>
          snagsOf(rules as unknown as readonly Rule<Seen<Reads, Result>>[], input, checked[station.name]),
      });
    });
  };

  return ({ plan, venue: sharedVenue, rules: houseRules, kinds, shelf, hands: people, claims }) => {
    const rules = shared.remembered('rules', { houseRules, own: plan.rules }, rulesInForce);
    const { devices, links, outputs, runningOrder } = plan;
    const equipment = equipmentOf(devices, shared);

    const visits: Record<StationName, Visit> = resultOf<Record<StationName, Visit>>({
      brief: () => visit(brief, { start: plan.start, outputs, runningOrder }),
      ground: () => visit(ground, { sharedVenue, venueChanges: plan.venueChanges, devices, rules }),
      shots: () =>
        visit(shots, {
          ...{
            devices,
            equipment,
            shots: plan.shots,
            runningOrder,
            links,
            kinds,
            rules,
            ownRules: plan.rules,
          },
          ...{ shelf, claims, ground: results.ground },
        }),
      signal: () =>
        visit(signal, {
          ...{ devices: equipment, links, outputs, kinds, shelf, rules },
          ...{ shots: plan.shots, runningOrder },
        }),
      stream: () =>
        visit(stream, {
          ...{ outputs, venue: results.ground.venue, rules, kinds },
          ...{ brief: results.brief, signal: results.signal },
        }),
      runs: () =>
        visit(runs, {
          ...{ devices: equipment, links, printed: plan.printed, kinds, shelf, claims, rules },
          ...{ ground: results.ground, signal: results.signal },
        }),
      power: () =>
        visit(power, {
          ...{ devices: equipment, links, kinds, shelf, rules, brief: results.brief },
          ...{ ground: results.ground, signal: results.signal, runs: results.runs },
        }),
      racks: () => visit(racks, { devices: equipment, kinds, loads: results.power.devices }),
      pack: () => visit(pack, { devices: equipment, kinds, shelf, claims, runs: results.runs }),
      hands: () =>
        visit(hands, {
          ...{ devices: equipment, outputs, runningOrder, assignments: plan.assignments, hands: people },
          ...{ rules, brief: results.brief, shots: results.shots },
          ...{ signal: results.signal, runs: results.runs },
        }),
      day: () =>
        visit(day, {
          ...{ ticks: plan.ticks, outputs, shelf, links, shots: results.shots, signal: results.signal },
          ...{ stream: results.stream, runs: results.runs, pack: results.pack },
        }),
    });
    const results: Results = resultOf<Results>(resultsBy(name => visits[name].own));
    return resultOf<Chain>({
      rules: () => rules,
      visits: () => visits,
      results: () => results,
      snags: () => {
        const found = Object.fromEntries(STATIONS.map(name => [name, visits[name].snags]));
        return shared.remembered('snags', found, inRank);
      },
    });
  };
}

const memories = <T>(make: (name: StationName) => T): Record<StationName, T> =>
  Object.fromEntries(STATIONS.map(name => [name, make(name)])) as Record<StationName, T>;

/** Makers of every station's result from what one is by its name. */
const resultsBy = (own: (name: StationName) => object): { [Name in StationName]: () => Results[Name] } =>
  Object.fromEntries(STATIONS.map(name => [name, () => own(name)])) as unknown as {
    [Name in StationName]: () => Results[Name];
  };

/** The choices of the event over those of the house. */
const rulesInForce = ({
  houseRules,
  own,
}: {
  readonly houseRules: Rules;
  readonly own: Bundle['plan']['rules'];
}): Rules => ({ ...houseRules, ...own });

/** The snags of all stations, the worst first. */
const inRank = (found: Readonly<Record<string, readonly Snag[]>>): readonly Snag[] =>
  Object.values(found).flat().sort(compareSnags);
