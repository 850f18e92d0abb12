/** A place where events happen: its geometry and the facts of a survey. */
import type { MapOf as Map, Point } from '../foundations/index.js';
import { Flag, MapOf, Num, One, OneOf, Optional, Outline, Text, TimeZone } from './decorators.js';
import {
  Area,
  CeilingPoint,
  Circuit,
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
  Socket,
  Stairs,
  Tracing,
  UploadTest,
} from './venue-parts.js';

/** A venue: geometry in metres (x east, y south on the page) and facts. */
export class Venue {
  @OneOf([1]) version!: 1;
  @Text(80, 1) name!: string;
  @Optional() @Text(200) address?: string;
  /** No longer offered for new events; events that are planned there keep it. */
  @Optional() @Flag() archived?: boolean;
  @Num(90, 260) volts!: number;
  @OneOf([50, 60]) hertz!: 50 | 60;
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
  @Optional() @MapOf(() => Guess, 200) guesses?: Map<Guess>;
}
