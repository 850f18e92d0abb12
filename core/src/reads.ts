/** What each station reads: the arrows between documents and stations, each followed in one hop. */
import type { Bundle, Rules } from './documents/index.js';
import type { Point, StationName } from './foundations/index.js';
import type { BriefResult } from './stations/brief/index.js';
import type { InRacks } from './stations/in-rack/inner.js';
import type { DayResult } from './stations/day/index.js';
import type { GroundResult } from './stations/ground/index.js';
import type { HandsReads, HandsResult } from './stations/hands/index.js';
import type { PackResult } from './stations/pack/index.js';
import type { PowerResult } from './stations/power/index.js';
import type { RacksReads, RacksResult } from './stations/racks/index.js';
import type { RunsResult } from './stations/runs/index.js';
import type { ShotsResult } from './stations/shots/index.js';
import type { SignalResult } from './stations/signal/index.js';
import type { StreamResult } from './stations/stream/index.js';

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

/** What is derived from the documents before any station, so that most of them rest while things are moved about. */
export interface Derived {
  /** The devices without where they are held in racks. */
  readonly placed: Bundle['plan']['devices'];
  /** The devices without where they stand. */
  readonly equipment: Bundle['plan']['devices'];
  /** The same, with the units that they take in racks. */
  readonly mounted: () => RacksReads['devices'];
  /** What each rack holds, and where in it the plugs of each thing are. */
  readonly held: () => RacksReads['held'];
  readonly innards: () => InRacks;
  /** Cameras within reach of whoever mixes. */
  readonly besideMixer: () => readonly string[];
  /** Where the modems on the mobile network stand. */
  readonly modems: () => Readonly<Record<string, Point>>;
  /** Where the things stand that somebody works at. */
  readonly workPlaces: () => HandsReads['workPlaces'];
  /** The people, with who is under 18 on the day of the event. */
  readonly people: () => Bundle['hands']['people'];
  /** Of what Runs says only these parts: the same object while none of them has changed, so that its reader rests. */
  readonly ofRuns: <Name extends keyof RunsResult>(
    reader: StationName,
    names: readonly Name[],
  ) => Pick<RunsResult, Name>;
}

/**
 * What every station reads, as thunks: nothing is worked out before it is read. `rules`: those in force;
 * `results`: those of the stations that come before.
 */
export function readsBy(
  { plan, venue: sharedVenue, kinds, shelf, claims }: Bundle,
  rules: Rules,
  derived: Derived,
  results: () => Results,
) {
  const { placed: devices, equipment, ofRuns } = derived;
  const { links, outputs, runningOrder, batteryChanges, chargeReadings, fedTogether } = plan;
  return {
    brief: () => ({ start: plan.start, outputs, runningOrder, quiet: plan.hours?.quiet }),
    ground: () => ({ sharedVenue, venueChanges: plan.venueChanges, devices, kinds, rules }),
    shots: () => ({
      ...{ devices, equipment, shots: plan.shots, runningOrder, links },
      ...{ kinds, rules, ownRules: plan.rules, shelf, claims },
      ground: results().ground,
    }),
    signal: () => ({
      devices: equipment,
      links,
      outputs,
      kinds,
      shelf,
      rules,
      shots: plan.shots,
      runningOrder,
      besideMixer: derived.besideMixer(),
    }),
    stream: () => ({
      outputs,
      venue: results().ground.venue,
      rules,
      kinds,
      shelf,
      brief: results().brief,
      signal: results().signal,
      modems: derived.modems(),
    }),
    runs: () => ({
      devices: equipment,
      links,
      printed: plan.printed,
      kinds,
      shelf,
      claims,
      rules,
      innards: derived.innards(),
      ground: results().ground,
      signal: results().signal,
    }),
    power: () => ({
      ...{ devices: equipment, links, runningOrder, zone: plan.zone, temperatures: plan.temperatures },
      ...{ batteryChanges, chargeReadings, fedTogether, shotsWanted: plan.shots },
      ...{ kinds, shelf, rules },
      brief: results().brief,
      ground: results().ground,
      shots: results().shots,
      signal: results().signal,
      runs: ofRuns('power', ['runs']),
    }),
    racks: () => ({
      ...{ devices: derived.mounted(), held: derived.held(), kinds, shelf },
      ...{ units: rules.units, temperatures: plan.temperatures },
      wiring: results().signal.wiring,
      ...{ loads: results().power.devices, altitude: results().ground.venue.facts?.altitude },
    }),
    pack: () => ({
      ...{ devices: equipment, batteryChanges, packed: plan.packed, kinds, shelf, claims },
      ...{ units: rules.units, runs: ofRuns('pack', ['runs', 'hooks', 'mats', 'ramps', 'taped']) },
      ...{ people: derived.people(), way: results().ground.venue.facts?.way },
      tried: results().ground.venue.tried,
      ...{ start: results().brief.start, end: results().brief.end, zone: plan.zone, dates: rules.dates },
      ...{ money: plan.money, currency: rules.currency, moneyRules: rules.money },
      ...{ extras: plan.extras, spareLeads: rules.spareLeads, spareRisk: rules.spareRisk },
      ...{ phases: results().brief.phases, streams: results().stream.streams },
    }),
    hands: () => ({
      ...{ devices: equipment, outputs, runningOrder, assignments: plan.assignments, rules },
      ...{ kinds, shelf, shotsWanted: plan.shots, zone: plan.zone, people: derived.people() },
      ...{ workPlaces: derived.workPlaces(), letIn: results().ground.venue.facts?.crew },
      brief: results().brief,
      shots: results().shots,
      signal: results().signal,
      runs: ofRuns('hands', ['runs', 'totalOnFloor', 'looms', 'ramps']),
      ...{ schedule: plan.schedule, breaks: plan.breaks, hours: plan.hours, elsewhere: claims.duties },
      carried: results().pack.carried,
    }),
    day: () => ({
      ticks: plan.ticks,
      outputs,
      shelf,
      links,
      shots: results().shots,
      signal: results().signal,
      stream: results().stream,
      runs: ofRuns('day', ['runs', 'looms']),
      ...{ devices: equipment, kinds },
      pack: results().pack,
    }),
  };
}

/** What one station reads. */
export type ReadsOf<Name extends StationName> = ReturnType<ReturnType<typeof readsBy>[Name]>;
