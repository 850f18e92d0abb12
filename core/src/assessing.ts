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
import { camerasBesideMixer, modemsAt, whoCounts, workPlaces } from './stations/standing-where.js';
import { peopleOn } from './stations/youth.js';
import { readsBy, type Derived, type ReadsOf, type Results } from './reads.js';
import { review, type BuckleState, type AcceptedSnag } from './review.js';
import { equipmentOf, mountedOf, placedOf } from './stations/equipment.js';
import { heldByRack } from './stations/in-rack/held.js';
import { inRacks } from './stations/in-rack/inner.js';
import type { Seen, Station } from './stations/station.js';

export interface Assessment extends Results {
  /** Open snags, the worst first. */
  readonly snags: readonly Snag[];
  readonly accepted: readonly AcceptedSnag[];
  readonly buckles: Readonly<Record<StationName, BuckleState>>;
  /** The rules in force for this event: the organisation’s with the event’s own choices. */
  readonly rules: Rules;
}

export type { Results } from './reads.js';

/** The rules of each station. */
export type RuleBook = Readonly<Record<StationName, readonly Rule<never>[]>>;

/**
 * The stations that are here. One that is not has an empty result and no snags: pictures that do not read it can be
 * drawn before it is fetched.
 */
export type StationBook = { readonly [Name in StationName]?: Station<ReadsOf<Name>, Results[Name]> };

/** What a bundle is worked out and checked by. */
export interface Book {
  readonly stations: StationBook;
  readonly rules: RuleBook;
}

export type Assessor = (bundle: Bundle) => Assessment;

/** What a station read and what came of it. */
interface Visit {
  readonly rules: readonly Rule<never>[];
  /** What the station read, with its own result: what its rules see. */
  readonly input: object;
  readonly own: object;
  readonly snags: readonly Snag[];
}

/** A station that was not fetched yet: nothing is worked out, and nothing is said. */
const NOT_HERE: Visit = { rules: [], input: {}, own: {}, snags: [] };

export interface Chain {
  readonly rules: Rules;
  readonly visits: Readonly<Record<StationName, Visit>>;
  readonly results: Results;
  /** Every snag found, accepted or not, the worst first. */
  readonly snags: readonly Snag[];
}

/**
 * An assessor with a memory of its own: assessing again recomputes only what hangs on what changed. The book is
 * asked for each time: figures can be worked out before anybody has rules to check them.
 */
export function createAssessorBy(book: () => Book): Assessor {
  const chain = createChainBy(book);
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
export function createChainBy(book: () => Book, worked?: (part: string) => void): (bundle: Bundle) => Chain {
  const partsOf = (): Record<StationName, Parts> =>
    memories(name => new Parts(worked && (key => worked(`${name}: ${key}`))));
  const [computed, checked] = [partsOf(), partsOf()];
  const shared = new Parts();

  const visit = <Name extends StationName>(name: Name, readsOf: () => ReadsOf<Name>): Visit => {
    const { stations, rules: all } = book();
    const station: Station<ReadsOf<Name>, Results[Name]> | undefined = stations[name];
    if (!station) return NOT_HERE;
    const [reads, rules] = [readsOf(), all[name]];
    return shared.madeOf(name, { ...reads, 'the rules in force': rules }, () => {
      const own = station.compute(reads, computed[name]);
      const input: Seen<ReadsOf<Name>, Results[Name]> = { ...reads, own };
      return resultOf<Visit>({
        rules: () => rules,
        input: () => input,
        own: () => own,
        snags: () =>
          snagsOf(
            rules as unknown as readonly Rule<Seen<ReadsOf<Name>, Results[Name]>>[],
            input,
            checked[name],
          ),
      });
    });
  };

  return bundle => {
    const { plan } = bundle;
    const rules = shared.remembered('rules', { houseRules: bundle.rules, own: plan.rules }, rulesInForce);
    const placed = placedOf(plan.devices, shared);
    const equipment = shared.madeOf('equipment of', { placed }, () => equipmentOf(placed, shared));

    const counted = { devices: equipment, kinds: bundle.kinds };
    const standing = () => ({
      who: shared.remembered('who counts', counted, whoCounts),
      places: results.ground.places,
    });
    const besideMixer = () => shared.remembered('beside the mixer', standing(), camerasBesideMixer);
    const modems = () => shared.remembered('modems', standing(), modemsAt);
    const working = () => shared.remembered('work places', standing(), workPlaces);
    const people = () =>
      shared.remembered(
        'people',
        { people: bundle.hands.people, start: plan.start, zone: plan.zone },
        peopleOn,
      );
    const mounted = () => mountedOf(plan.devices, shared);
    const inKinds = () => ({ devices: mounted(), kinds: bundle.kinds.kinds });
    const held = () => shared.remembered('held in racks', inKinds(), heldByRack);
    const innards = () => inRacks({ ...inKinds(), racks: held() }, shared);
    const ofRuns: Derived['ofRuns'] = (reader, names) => {
      const { runs } = results;
      const wanted = Object.fromEntries(names.map(name => [name, runs[name]])) as Pick<
        typeof runs,
        (typeof names)[number]
      >;
      return shared.madeOf(`of runs for ${reader}`, wanted, same => same);
    };
    const reads = readsBy(
      bundle,
      rules,
      {
        ...{ placed, equipment, mounted, held, innards, besideMixer, modems, people, ofRuns },
        workPlaces: working,
      },
      () => results,
    );
    const visits = resultOf<Record<StationName, Visit>>(
      Object.fromEntries(
        STATIONS.map(name => [name, () => visit(name, reads[name] as () => ReadsOf<typeof name>)]),
      ) as unknown as { [Name in StationName]: () => Visit },
    );
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
