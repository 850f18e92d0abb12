import type { MapOf as Map, Point } from '../foundations/index.js';
import {
  At,
  Flag,
  Instant,
  Int,
  MapOf,
  Num,
  OneOf,
  Optional,
  Outline,
  Pointer,
  Ref,
  Text,
} from './decorators.js';

/** A length along one axis that people measure and may correct; what lies beyond it moves with it. */
export class Dimension {
  @Text(8) order!: string;
  @Text(60, 1) label!: string;
  @OneOf(['x', 'y']) axis!: 'x' | 'y';
  @Num(-1000, 1000) from!: number;
  @Num(-1000, 1000) to!: number;
}

/** A pillar; blocks sight fully. `size` is its side or diameter in metres. */
export class Pillar {
  @Text(60, 1) label!: string;
  @At() at!: Point;
  @Num(0.05, 10) size!: number;
  @Optional() @Flag() round?: boolean;
}

export const AREA_KINDS = [
  'seating',
  'raised',
  'gallery',
  'keep-clear',
  'no-film',
  'cameras',
  'desk',
  'obstacle',
] as const;
export type AreaKind = (typeof AREA_KINDS)[number];

/** An area of the floor. Heights are in metres above the venue's zero level. */
export class Area {
  @Text(60, 1) label!: string;
  @OneOf(AREA_KINDS) kind!: AreaKind;
  @Outline(3) outline!: Point[];
  /** Height of this floor; seats stand on it. */
  @Optional() @Num(-20, 50) floor?: number;
  /** Top of furniture that blocks sight up to a height, above its floor. */
  @Optional() @Num(0, 30) top?: number;
  /** Distance between seat rows, m. */
  @Optional() @Num(0.5, 3) rowSpacing?: number;
  /** For a keep-clear aisle: the axis people walk along. */
  @Optional() @OneOf(['x', 'y']) walk?: 'x' | 'y';
}

/** A door in a wall from one jamb to the other. */
export class Door {
  @Text(60, 1) label!: string;
  @Outline(2) jambs!: Point[];
  @OneOf(['inner', 'exit', 'fire']) kind!: 'inner' | 'exit' | 'fire';
  @Num(1.5, 6) height!: number;
}

/** A place where people speak, play or kneel. Height is that of the face above the floor there. */
export class Mark {
  @Text(8) order!: string;
  @Text(60, 1) label!: string;
  @At() at!: Point;
  @Num(0.2, 3) height!: number;
  @Num(-360, 360) facing!: number;
  /** Vertical illuminance at face height, lux. */
  @Optional() @Num(0, 150000) light?: number;
  /** Extent across, m, for a group. */
  @Optional() @Num(0.2, 50) width?: number;
}

/** Something else that hangs on a circuit during the event. */
export class OtherLoad {
  @Text(60, 1) label!: string;
  @Num(0, 20000) watts!: number;
  @Num(0.3, 1) factor!: number;
}

export class Circuit {
  @Text(8) order!: string;
  @Text(60, 1) label!: string;
  @Num(1, 125) amps!: number;
  @Optional() @MapOf(() => OtherLoad, 50) others?: Map<OtherLoad>;
}

export class Socket {
  @Text(8) order!: string;
  @Text(60, 1) label!: string;
  @At() at!: Point;
  @Int(1, 12) outlets!: number;
  /** Rating of the socket or its fuse, A. */
  @Num(1, 125) amps!: number;
  @Optional() @Ref() circuit?: string;
}

export class NetworkSocket {
  @Text(60, 1) label!: string;
  @At() at!: Point;
}

/** One measured upload over the venue's line, Mb/s. */
export class UploadTest {
  @Instant() at!: string;
  @Num(0, 100000) up!: number;
}

/** A value of a survey that nobody has measured yet. */
export class Guess {
  @Text(8) order!: string;
  /** JSON pointer into the venue; empty when several values follow from it. */
  @Optional() @Pointer() path?: string;
  @Text(80, 1) label!: string;
}

/** A venue: geometry in metres (x east, y south on the page) and facts. */
export class Venue {
  @OneOf([1]) version!: 1;
  @Text(80, 1) name!: string;
  @Optional() @Text(200) address?: string;
  /** No longer offered for new events; events that are planned there keep it. */
  @Optional() @Flag() archived?: boolean;
  @Num(90, 260) volts!: number;
  @OneOf([50, 60]) hertz!: 50 | 60;
  /** The walls as one closed outline. */
  @Outline(3) outline!: Point[];
  @Optional() @MapOf(() => Dimension, 60) dimensions?: Map<Dimension>;
  @Optional() @MapOf(() => Pillar, 500) pillars?: Map<Pillar>;
  @Optional() @MapOf(() => Area, 500) areas?: Map<Area>;
  @Optional() @MapOf(() => Door, 100) doors?: Map<Door>;
  @Optional() @MapOf(() => Mark, 200) marks?: Map<Mark>;
  @Optional() @MapOf(() => Circuit, 100) circuits?: Map<Circuit>;
  @Optional() @MapOf(() => Socket, 300) sockets?: Map<Socket>;
  @Optional() @MapOf(() => NetworkSocket, 100) networkSockets?: Map<NetworkSocket>;
  @Optional() @MapOf(() => UploadTest, 500) uploads?: Map<UploadTest>;
  @Optional() @MapOf(() => Guess, 200) guesses?: Map<Guess>;
}
