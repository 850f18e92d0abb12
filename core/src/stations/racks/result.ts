/** What Racks reads and what comes of it. */
import type {
  Across,
  AirTemperature,
  CableMake,
  Facts,
  Kinds,
  RackFitting,
  Rules,
  Shelf,
} from '../../documents/index.js';
import { rulesOf, rulesOfEach, type Figure, type MapOf } from '../../foundations/index.js';
import type { Mounted } from '../equipment.js';
import type { PlanWiring } from '../signal/index.js';
import type { PowerResult } from '../power/index.js';
import type { Seen } from '../station.js';
import type { RackBox } from '../in-rack/box.js';
import type { Held, Holding } from '../in-rack/held.js';

export interface RacksReads {
  readonly devices: MapOf<Mounted> | undefined;
  readonly held: Readonly<Record<string, readonly Held[]>>;
  readonly kinds: Kinds;
  readonly units: Rules['units'];
  readonly wiring: PlanWiring;
  readonly shelf: Shelf;
  readonly loads: PowerResult['devices'];
  readonly temperatures: MapOf<AirTemperature> | undefined;
  readonly altitude: Facts['altitude'];
}

export interface RackItem {
  readonly label: string;
  readonly kind: string;
  readonly kindLabel: string;
  readonly how: Holding;
  /** The thing of the rack that it is in. */
  readonly carrier: string | undefined;
  readonly fitting: RackFitting | undefined;
  /** Lowest unit, from 1 at the bottom; undefined off the rails. */
  readonly unit: number | undefined;
  readonly units: number;
  /** It is on the rear rails. */
  readonly rear: boolean;
  /** Whether it has a place across: it is not as wide as the rails; and which. */
  readonly narrow: boolean;
  readonly across: Across | undefined;
  /** It has no ears: on the rails it lies on a shelf, or a plate with a cut-out holds it. */
  readonly onShelf: boolean;
  readonly plate: boolean;
  /** Absent off the rails. */
  readonly box?: RackBox;
  /** Depth left to what is on the other rails of the same units; absent where nothing is. */
  readonly behind?: Figure;
  /** Depth left behind it in the case; absent off the rails. */
  readonly room?: Figure;
  /** Left before it under a lid; absent where either is not known. */
  readonly before?: Figure;
  /** Left behind it before fibre or coax that stays plugged must bend too tight, and the make of that lead. */
  readonly bend?: Figure;
  readonly bends?: CableMake;
  /** Of a drawer: how far it comes out, and the angle at which the rack falls with it open. */
  readonly comesOut?: Figure;
  readonly openTip?: Figure;
  /** What it has in common with something else on the same rails; absent where that is nothing. */
  readonly shared?: Figure;
  /** Of what lies on a tray: what is left above it. */
  readonly headroom?: Figure;
  /** Of a tray: width and load that are left on it. */
  readonly beside?: Figure;
  readonly carries?: Figure;
  /** Times as heavy as the lightest thing under it; absent where that is of no weight. */
  readonly over?: Figure;
  readonly weight: Figure;
  readonly watts: Figure;
  /** Of a fan unit: the air it moves here. */
  readonly moves?: Figure;
  /** How warm the air is that reaches it, and how much cooler than it must be; absent of what draws nothing. */
  readonly warm?: Figure;
  readonly margin?: Figure;
}

/** How a rack stands. */
export interface RackBalance {
  /** Of the case with what is fastened in it. */
  readonly mass: Figure;
  readonly centre: Figure;
  readonly along: Figure;
  readonly height: Figure;
  /** How much lower the centre would be with the same things in their best order. */
  readonly lower: Figure;
  readonly tip: Figure;
}

/** The air in a rack. */
export interface RackAir {
  readonly ambient: Figure;
  readonly thin: Figure;
  readonly sun?: Figure;
  readonly blown: Figure;
  /** Watts that leave by themselves through what of its faces is open, at a rise of 10 K. */
  readonly leaves: Figure;
  readonly needs: Figure;
  readonly flow: Figure;
  readonly rise: Figure;
  readonly again: Figure;
  readonly inlet: Figure;
  readonly noise?: Figure;
}

export interface RackResult {
  readonly label: string;
  readonly kind: string;
  /** Usable depth, and from front to rear rails, m. */
  readonly depth: number;
  readonly rails: number;
  readonly have: Figure;
  readonly used: Figure;
  readonly spare: Figure;
  readonly load: Figure;
  readonly loadLeft: Figure;
  readonly weight: Figure;
  /** Watts drawn by everything in or on the case. */
  readonly watts: Figure;
  /** Watts that turn to heat in it: what is mounted, not what lies on top. */
  readonly heat: Figure;
  /** Watts that leave by themselves through one wholly open face at a rise of 10 K. */
  readonly passive: Figure;
  readonly air: RackAir;
  readonly balance: RackBalance;
  /** Minutes of one person that it saves where it stays wired, and kilos of case and fittings that this takes. */
  readonly saves: Figure;
  readonly adds: Figure;
  /** Load left on front and rear rails; absent where nobody knows what they carry. */
  readonly loads: Readonly<Partial<Record<'front' | 'rear', Figure>>>;
  readonly items: Readonly<Record<string, RackItem>>;
}

export interface RacksResult {
  readonly racks: Readonly<Record<string, RackResult>>;
}

export type RacksSeen = Seen<RacksReads, RacksResult>;

export const racksRule = rulesOf<RacksSeen>('racks');
/** Rules that look at one rack after the other. */
export const eachRackRule = rulesOfEach<RacksSeen, RackResult>('racks', ({ own }) => own.racks);
