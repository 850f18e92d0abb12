/** What Ground reads and what comes of it. */
import type { Device, Kinds, Rules, Venue, VenueChange } from '../../documents/index.js';
import { rulesOf, type Blocker, type Figure, type MapOf, type Point } from '../../foundations/index.js';
import type { Seen } from '../station.js';

export interface GroundReads {
  readonly sharedVenue: Venue;
  readonly venueChanges: MapOf<VenueChange> | undefined;
  readonly devices: MapOf<Device> | undefined;
  readonly kinds: Kinds;
  readonly rules: Rules;
}

export interface PlaceResult {
  /** Where it stands, or undefined when it has no place yet. */
  readonly at: Point | undefined;
  readonly level: string | undefined;
  /** Height of the floor there and of the device itself above the venue's zero level. */
  readonly floor: Figure;
  readonly elevation: Figure;
  /** The table of the survey that it stands on. */
  readonly table: string | undefined;
  /** The device that carries it: itself, or the outermost one it is in or on. */
  readonly carrier: string;
  /** It hangs over people’s heads, and takes no floor. */
  readonly hangs: boolean;
}

export interface MarkResult {
  readonly floor: Figure;
  /** Height of the face above the zero level. */
  readonly elevation: Figure;
  readonly light: Figure;
}

export interface AisleResult {
  readonly width: Figure;
  readonly wideEnough: Figure;
}

export interface GroundResult {
  readonly venue: Venue;
  readonly misfits: readonly string[];
  readonly blockers: readonly Blocker[];
  readonly length: Figure;
  readonly width: Figure;
  readonly floorArea: Figure;
  readonly dimensions: Readonly<Record<string, { readonly length: Figure }>>;
  readonly aisles: Readonly<Record<string, AisleResult>>;
  readonly marks: Readonly<Record<string, MarkResult>>;
  readonly places: Readonly<Record<string, PlaceResult>>;
}

export type GroundSeen = Seen<GroundReads, GroundResult>;

export const groundRule = rulesOf<GroundSeen>('ground');
