/** A place where events happen: its geometry and the facts of a survey. */
import type { MapOf as Map, Point } from '../foundations/index.js';
import { Flag, MapOf, Num, One, OneOf, Optional, Outline, Text } from './decorators.js';
import { TimeZone } from './time-decorators.js';
import {
  Area,
  CeilingPoint,
  Dimension,
  Door,
  Facts,
  Guess,
  HouseLine,
  HouseScreen,
  InnerWall,
  Lamp,
  LightReading,
  Mark,
  MobileReading,
  NetworkSocket,
  VenueNote,
  Pillar,
  Resident,
  Stairs,
  Tracing,
  UploadTest,
} from './venue-parts.js';
import { MAINS_SYSTEMS, type MainsSystem } from './power-words.js';
import { Tried } from './tried.js';
import { Circuit, Residual, Socket } from './venue-power.js';

/** A venue: geometry in metres (x east, y south on the page) and facts. */
export class Venue {
  @OneOf([1]) version!: 1;
  @Text(80, 1) name!: string;
  @Optional() @Text(200) address?: string;
  /** No longer offered for new events; events that are planned there keep it. */
  @Optional() @Flag() archived?: boolean;
  @Num(90, 260) volts!: number;
  @OneOf([50, 60]) hertz!: 50 | 60;
  /** Absent = one phase. */
  @Optional() @OneOf(MAINS_SYSTEMS) system?: MainsSystem;
  /** Share of the volts that the wiring of the building loses before its sockets, %; absent = not known. */
  @Optional() @Num(0, 20) upstream?: number;
  /** What a generator gives in place of the mains, VA. */
  @Optional() @Num(100, 1e6) generator?: number;
  /** It is in the open. */
  @Optional() @Flag() outdoors?: boolean;
  /** IANA time zone that its clocks keep; events begin with it. */
  @Optional() @TimeZone() zone?: string;
  @Optional() @One(() => Facts) facts?: Facts;
  @Optional() @One(() => Tracing) tracing?: Tracing;
  /** The walls as one closed outline. */
  @Outline(3) outline!: Point[];
  @Optional() @MapOf(() => Dimension, 60) dimensions?: Map<Dimension>;
  @Optional() @MapOf(() => InnerWall, 500) walls?: Map<InnerWall>;
  @Optional() @MapOf(() => Pillar, 500) pillars?: Map<Pillar>;
  @Optional() @MapOf(() => Area, 1500) areas?: Map<Area>;
  @Optional() @MapOf(() => Stairs, 100) stairs?: Map<Stairs>;
  @Optional() @MapOf(() => Door, 200) doors?: Map<Door>;
  @Optional() @MapOf(() => Mark, 200) marks?: Map<Mark>;
  @Optional() @MapOf(() => Residual, 50) residuals?: Map<Residual>;
  @Optional() @MapOf(() => Circuit, 100) circuits?: Map<Circuit>;
  @Optional() @MapOf(() => Socket, 500) sockets?: Map<Socket>;
  @Optional() @MapOf(() => NetworkSocket, 200) networkSockets?: Map<NetworkSocket>;
  @Optional() @MapOf(() => HouseLine, 300) houseLines?: Map<HouseLine>;
  @Optional() @MapOf(() => Resident, 300) residents?: Map<Resident>;
  @Optional() @MapOf(() => HouseScreen, 100) screens?: Map<HouseScreen>;
  @Optional() @MapOf(() => CeilingPoint, 500) ceilingPoints?: Map<CeilingPoint>;
  @Optional() @MapOf(() => Lamp, 500) lamps?: Map<Lamp>;
  @Optional() @MapOf(() => LightReading, 500) lightReadings?: Map<LightReading>;
  @Optional() @MapOf(() => MobileReading, 300) mobileReadings?: Map<MobileReading>;
  @Optional() @MapOf(() => VenueNote, 300) notes?: Map<VenueNote>;
  @Optional() @MapOf(() => UploadTest, 500) uploads?: Map<UploadTest>;
  /** What worked here, and what did not. */
  @Optional() @MapOf(() => Tried, 500) tried?: Map<Tried>;
  @Optional() @MapOf(() => Guess, 200) guesses?: Map<Guess>;
}
