/** Every search as a command: by its name, with options that are read from JSON and checked. */
import type { Bundle } from '../documents/index.js';
import {
  At,
  Flag,
  Int,
  Many,
  Num,
  Nums,
  One,
  Optional,
  Ref,
  Refs,
  type DocumentClass,
} from '../documents/decorators.js';
import { Texts } from '../documents/text-list.js';
import { faultsOf, type Fault } from '../documents/validate.js';
import { inOrder, type Point } from '../foundations/index.js';
import { opticsOf } from '../stations/shots/fitted.js';
import { arrangeRack } from './arrange/index.js';
import { backOfRack } from './back/index.js';
import { shareOut } from './balance/index.js';
import { whatFits, type CeilingOptions, type CeilingWeights } from './ceiling/index.js';
import { connectTheRest } from './connect/index.js';
import { deskPlaces } from './desk/desk-places.js';
import { findPositions, usualPlacement, type Round } from './placement/index.js';
import { loadVehicles } from './load/index.js';
import { packCases } from './pack-cases/index.js';
import { runSearch, type Found, type Means, type Report, type Search, type Stop } from './search.js';
import { substitutes, type SubstitutesOptions } from './substitutes/index.js';
import { leastCrew } from './crew/index.js';
import { RosterOption } from './roster-options.js';
import { readyInTime } from './ready/index.js';
import { roster, type RosterOptions } from './roster/index.js';
import { cutAll } from './stock/index.js';
import { swapBatteries } from './swaps/index.js';
import { waysOut } from './ways-out/index.js';

class NoOptions {}

class RoundOption {
  @At() at!: Point;
  @Num(0.1, 100) radius!: number;
  @Optional() @Ref() level?: string;
}

class PositionsOptions {
  @Optional() @Refs(100) cameras?: string[];
  @Optional() @Int(1, 100) count?: number;
  @Optional() @Num(0.1, 10) grid?: number;
  @Optional() @Nums(0.1, 20, 20) heights?: number[];
  @Optional() @Flag() anywhere?: boolean;
  @Optional() @Many(() => RoundOption, 100) refused?: Round[];
  @Optional() @Many(() => RoundOption, 100) insisted?: Round[];
}

class CrewOption {
  @Optional() @Refs(300) people?: string[];
}

class LinkOption {
  @Ref() link!: string;
}

class ArrangeOption {
  @Optional() @Ref() rack?: string;
  @Optional() @Num(0.1, 600) seconds?: number;
}

class BackOption {
  @Optional() @Ref() rack?: string;
}

class PackOption {
  @Optional() @Refs(200) cases?: string[];
  @Optional() @Num(0.1, 600) seconds?: number;
  @Optional() @Int(1, 1e6) seed?: number;
}

class LoadOption {
  @Optional() @Refs(50) vehicles?: string[];
  @Optional() @Num(0.1, 600) seconds?: number;
  @Optional() @Int(1, 1e6) seed?: number;
}

class WeightsOption {
  @Optional() @Num(0, 1e6) output?: number;
  @Optional() @Num(0, 1e6) vital?: number;
  @Optional() @Num(0, 1e6) wanted?: number;
  @Optional() @Num(0, 1e6) nice?: number;
  @Optional() @Num(0, 1e6) failure?: number;
  @Optional() @Num(0, 1e6) line?: number;
  @Optional() @Num(0, 1e6) risk?: number;
  @Optional() @Num(0, 1e6) reuse?: number;
}

class CeilingOption {
  @Optional() @Num(0, 1e9) ceiling?: number;
  @Optional() @Texts(100, 3000) borrow?: string[];
  @Optional() @Texts(100, 3000) keep?: string[];
  @Optional() @Refs(3000) next?: string[];
  @Optional() @One(() => WeightsOption) weights?: Partial<CeilingWeights>;
  @Optional() @Num(0.1, 600) seconds?: number;
  @Optional() @Int(0, 20) substitutes?: number;
}

class SubstitutesOption {
  @Ref() device!: string;
  @Optional() @Int(1, 200) most?: number;
}

class ReadyOption {
  @Optional() @Num(0.1, 600) seconds?: number;
  @Optional() @Int(100, 100_000) draws?: number;
  @Optional() @Int(1, 1e6) seed?: number;
  @Optional() @Num(50, 99.9) share?: number;
}

/** One search that can be asked by name. */
export interface SearchCommand {
  readonly about: string;
  /** The class that its options are checked against. */
  readonly options: DocumentClass;
  /** Rejects as `runSearch` does. The options must be without faults. */
  readonly run: (
    bundle: Bundle,
    options: object,
    means: Means,
    report?: Report,
    stop?: Stop,
  ) => Promise<Found<unknown>>;
}

/** `full`: what was asked with all that was left out. */
const command = <Asked extends object, Options, Problem>(
  search: Search<Options, Problem, unknown>,
  options: DocumentClass,
  full: (asked: Asked, bundle: Bundle) => Options,
): SearchCommand => ({
  about: search.about,
  options,
  run: (bundle, asked, means, report, stop) =>
    runSearch(search, bundle, full(asked as Asked, bundle), means, report, stop),
});

const asAsked = (asked: object): object => asked;

const camerasOf = ({ plan, kinds }: Bundle): string[] =>
  inOrder(plan.devices).flatMap(([id, device]) => (opticsOf(kinds, device) ? [id] : []));

/** All searches, by the names they are asked by. */
export const SEARCHES: Readonly<Record<string, SearchCommand>> = {
  [findPositions.name]: command(findPositions, PositionsOptions, (asked: PositionsOptions, bundle) => ({
    ...usualPlacement(asked.cameras ?? camerasOf(bundle)),
    ...asked,
  })),
  [deskPlaces.name]: command(deskPlaces, NoOptions, asAsked),
  [connectTheRest.name]: command(connectTheRest, NoOptions, asAsked),
  [cutAll.name]: command(cutAll, NoOptions, asAsked),
  [shareOut.name]: command(shareOut, NoOptions, asAsked),
  [arrangeRack.name]: command(arrangeRack, ArrangeOption, (asked: ArrangeOption) => asked),
  [backOfRack.name]: command(backOfRack, BackOption, (asked: BackOption) => asked),
  [packCases.name]: command(packCases, PackOption, (asked: PackOption) => asked),
  [loadVehicles.name]: command(loadVehicles, LoadOption, (asked: LoadOption) => asked),
  [substitutes.name]: command(substitutes, SubstitutesOption, (asked: SubstitutesOptions) => asked),
  [whatFits.name]: command(whatFits, CeilingOption, (asked: CeilingOptions) => asked),
  [swapBatteries.name]: command(swapBatteries, NoOptions, asAsked),
  [waysOut.name]: command(waysOut, LinkOption, (asked: LinkOption) => asked),
  [leastCrew.name]: command(leastCrew, CrewOption, (asked: CrewOption) => asked),
  [readyInTime.name]: command(readyInTime, ReadyOption, (asked: ReadyOption) => asked),
  [roster.name]: command(roster, RosterOption, (asked: RosterOptions) => asked),
};

/** Every fault of the options of a search; an empty list means that they can be followed. */
export const optionFaults = ({ options }: SearchCommand, asked: unknown): Fault[] => faultsOf(options, asked);
