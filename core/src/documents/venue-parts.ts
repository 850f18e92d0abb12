/** What a venue is made of. Every place is in metres, x east and y south on the page; heights in metres. */
import type { Point } from '../foundations/index.js';
import { At, Flag, Int, Num, One, OneOf, Optional, Outline, Pointer, Ref, Text } from './decorators.js';
import { Instant } from './time-decorators.js';
import { CABLE_MAKES, type CableMake } from './signal-words.js';
import { WayIn } from './way-in.js';

/** Something that stands somewhere and can be locked, so that no hand moves it by mistake. */
export class Placed {
  @Text(60, 1) label!: string;
  @Optional() @Flag() locked?: boolean;
}

/** Something that stands somewhere and is listed in an order people choose. */
export class PlacedInOrder extends Placed {
  @Text(8) order!: string;
}

/** A length along one axis that people measure and may correct; what lies beyond it moves with it. */
export class Dimension {
  @Text(8) order!: string;
  @Text(60, 1) label!: string;
  @OneOf(['x', 'y']) axis!: 'x' | 'y';
  @Num(-1000, 1000) from!: number;
  @Num(-1000, 1000) to!: number;
}

/** A wall inside the outline, as a line; blocks sight fully. A gap between two of them is an opening. */
export class InnerWall extends Placed {
  @Outline(2) line!: Point[];
}

/** A pillar; blocks sight fully. `size` is its side or diameter in metres. */
export class Pillar extends Placed {
  @At() at!: Point;
  @Num(0.05, 10) size!: number;
  @Optional() @Flag() round?: boolean;
  /** How far a square pillar is turned, degrees clockwise on the page. */
  @Optional() @Num(-360, 360) turn?: number;
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

/** A floor that rises evenly over its area. */
export class Rake {
  /** From its lowest edge to its highest, m. */
  @Num(0.01, 20) rise!: number;
  /** Direction in which it rises, degrees. */
  @Num(-360, 360) towards!: number;
}

/** What a house's audio desk offers, as asked of who looks after it. */
export class DeskCard {
  /** Free buses or outputs, in the desk's own words. */
  @Optional() @Text(120) buses?: string;
  @Optional() @OneOf(['before', 'after']) fader?: 'before' | 'after';
  @Optional() @Text(40) connector?: string;
  @Optional() @OneOf(['line', 'microphone']) level?: 'line' | 'microphone';
  /** Length of lead from the desk to where our kit can stand, m. */
  @Optional() @Num(0, 300) distance?: number;
  /** Who sets it: a role, never a name. */
  @Optional() @Text(80) setBy?: string;
}

/** An area of the floor. `floor` is in metres above the venue's zero level. */
export class Area extends Placed {
  @OneOf(AREA_KINDS) kind!: AreaKind;
  @Outline(3) outline!: Point[];
  /** Height of this floor, of its lowest edge when raked; seats stand on it. */
  @Optional() @Num(-20, 50) floor?: number;
  @Optional() @One(() => Rake) rake?: Rake;
  /** Top of furniture that blocks sight up to a height, above its floor. */
  @Optional() @Num(0, 30) top?: number;
  /** Lowest point of what hangs or stands on legs, above the zero level; people and sight pass beneath. */
  @Optional() @Num(0, 50) underside?: number;
  /** Distance between seat rows, m. */
  @Optional() @Num(0.5, 3) rowSpacing?: number;
  /** Direction that those who sit here face, degrees; absent = east or west. */
  @Optional() @Num(-360, 360) facing?: number;
  /** Height of heads in this block above its floor, where the house rule does not fit. */
  @Optional() @Num(0.5, 2) seatedHead?: number;
  @Optional() @Num(1, 2.5) standingHead?: number;
  /** For a keep-clear aisle: the axis people walk along; absent = along its length. */
  @Optional() @OneOf(['x', 'y']) walk?: 'x' | 'y';
  @Optional() @One(() => DeskCard) card?: DeskCard;
}

/** Stairs or a ramp that join two floors. */
export class Stairs extends Placed {
  @Outline(3) outline!: Point[];
  /** The raised floor or gallery at the foot; absent = the zero level. */
  @Optional() @Ref() foot?: string;
  /** The raised floor or gallery at the head. */
  @Optional() @Ref() head?: string;
  /** Narrowest clear width, m. */
  @Optional() @Num(0.3, 20) clear?: number;
}

export const DOOR_KINDS = ['inner', 'exit', 'fire', 'opening', 'window'] as const;
export type DoorKind = (typeof DOOR_KINDS)[number];

/** A door, opening or window in a wall from one jamb to the other. */
export class Door extends Placed {
  @Outline(2) jambs!: Point[];
  @OneOf(DOOR_KINDS) kind!: DoorKind;
  @Num(0.3, 12) height!: number;
  /** The jamb its leaf hangs on; absent = it does not swing. */
  @Optional() @OneOf(['first', 'second']) hinge?: 'first' | 'second';
  /** The side it swings to, as seen looking from the first jamb to the second. */
  @Optional() @OneOf(['left', 'right']) opens?: 'left' | 'right';
}

export const POSTURES = ['standing', 'seated'] as const;
export type Posture = (typeof POSTURES)[number];

/** A place where people speak, play or kneel. Height is that of the face above the floor there. */
export class Mark extends PlacedInOrder {
  @At() at!: Point;
  @Num(0.2, 3) height!: number;
  @Num(-360, 360) facing!: number;
  /** The gallery it is on; absent = the ground. */
  @Optional() @Ref() level?: string;
  /** Vertical illuminance at face height, lux. */
  @Optional() @Num(0, 150000) light?: number;
  /** Extent across, m, for a group. */
  @Optional() @Num(0.2, 50) width?: number;
  /** How many stand or sit there; absent = nobody has said. */
  @Optional() @Int(1, 300) people?: number;
  @Optional() @OneOf(POSTURES) posture?: Posture;
}

export class NetworkSocket extends Placed {
  @At() at!: Point;
  /** Fastest link it was seen to give, Mb/s. */
  @Optional() @Num(1, 400000) speed?: number;
}

export const CONDITIONS = ['good', 'worn', 'broken', 'untested'] as const;

/** An installed line: video, sound or network from one end to the other. */
export class HouseLine extends PlacedInOrder {
  @Outline(2) ends!: Point[];
  @OneOf(CABLE_MAKES) make!: CableMake;
  @Num(0.1, 1000) length!: number;
  @OneOf(CONDITIONS) condition!: (typeof CONDITIONS)[number];
  /** What is written at its ends. */
  @Optional() @Text(60) tag?: string;
}

export const RESIDENTS = ['camera', 'desk', 'loudspeaker', 'microphone', 'other'] as const;

/** Gear that belongs to the house and stays: never packed. */
export class Resident extends PlacedInOrder {
  @OneOf(RESIDENTS) what!: (typeof RESIDENTS)[number];
  /** The kind that it is, where somebody has looked; absent = as is usual for what it is. */
  @Optional() @Ref() kind?: string;
  @At() at!: Point;
  @Optional() @Num(0, 30) height?: number;
  @Optional() @Num(-360, 360) facing?: number;
}

/** A screen or projection of the house; where it stands in a picture its refresh must suit the shutter. */
export class HouseScreen extends PlacedInOrder {
  @At() at!: Point;
  @Num(0.2, 30) width!: number;
  /** Lower edge above the floor, m. */
  @Num(0, 30) height!: number;
  @Num(-360, 360) facing!: number;
  @Optional() @Num(20, 400) refresh?: number;
}

/** A point in the ceiling that something may hang from. */
export class CeilingPoint extends Placed {
  @At() at!: Point;
  @Num(0.5, 50) height!: number;
  /** Load that is written on it or certified for it, kg; absent = unknown, so nothing may hang there. */
  @Optional() @Num(0.1, 5000) load?: number;
}

export const LAMP_KINDS = ['led', 'halogen', 'fluorescent', 'discharge', 'daylight'] as const;

/** A lamp or window that lights the room. */
export class Lamp extends PlacedInOrder {
  @OneOf(LAMP_KINDS) kind!: (typeof LAMP_KINDS)[number];
  @At() at!: Point;
  @Num(0, 50) height!: number;
  /** Colour temperature, K. */
  @Optional() @Num(1000, 20000) kelvin?: number;
  /** It was seen to pulse at twice the mains frequency. */
  @Optional() @Flag() pulses?: boolean;
}

/** Vertical illuminance at face height anywhere in the room, with a flat sensor facing the camera. */
export class LightReading extends Placed {
  @At() at!: Point;
  @Num(0, 150000) lux!: number;
  /** Direction the sensor faced. */
  @Optional() @Num(-360, 360) facing?: number;
  @Optional() @Instant() taken?: string;
}

/** One measured upload over the venue's line, Mb/s. */
export class UploadTest {
  @Instant() at!: string;
  @Num(0, 100000) up!: number;
  @Optional() @Num(0, 100000) down?: number;
}

/** Mobile signal of one operator at one spot, Mb/s. */
export class MobileReading extends Placed {
  @At() at!: Point;
  @Num(0, 100000) up!: number;
  @Optional() @Num(0, 100000) down?: number;
  @Instant() taken!: string;
}

/** Something seen on the walk round, pinned to a place, with a picture of it where one was taken. */
export class VenueNote extends Placed {
  @At() at!: Point;
  @Optional() @Text(1000) text?: string;
  /** A picture kept beside the venue. */
  @Optional() @Ref() picture?: string;
  @Optional() @Instant() taken?: string;
}

/** A picture of a plan under the drawing. */
export class Tracing {
  @Ref() picture!: string;
  /** Where its upper left corner lies. */
  @At() at!: Point;
  /** Metres to a pixel of the picture. */
  @Num(1e-5, 10) scale!: number;
  /** Degrees clockwise about its upper left corner. */
  @Optional() @Num(-360, 360) turn?: number;
  /** How much of its ink is left, 0…1. */
  @Optional() @Num(0, 1) ink?: number;
}

/** What was noted about the place that no drawing shows. */
export class Facts {
  /** Height of the ceiling above the zero level, m. */
  @Optional() @Num(1, 100) ceiling?: number;
  /** How many people may be in the building. */
  @Optional() @Int(0, 200000) people?: number;
  /** How many of the crew are let in. */
  @Optional() @Int(0, 1000) crew?: number;
  /** Height above the sea, m: the air is thinner there. */
  @Optional() @Num(-430, 5500) altitude?: number;
  @Optional() @Text(300) access?: string;
  /** Where people leave their cars. */
  @Optional() @Text(300) parking?: string;
  /** Where people gather, where first aid and the keys are, whom one calls. */
  @Optional() @Text(300) emergency?: string;
  @Optional() @Text(300) noise?: string;
  /** From where the vehicle stands to the room. */
  @Optional() @One(() => WayIn) way?: WayIn;
}

/** A value of a survey that nobody has measured yet. */
export class Guess {
  @Text(8) order!: string;
  /** JSON pointer into the venue; empty when several values follow from it. */
  @Optional() @Pointer() path?: string;
  @Text(80, 1) label!: string;
}
