import type { MapOf as Map } from '../foundations/index.js';
import { Flag, Int, MapOf, Num, One, OneOf, Optional, Ref, Text, Words } from './decorators.js';
import { Inside, Port } from './ports.js';
import { Assembly } from './assembly.js';
import {
  CABLE_ENDS,
  CABLE_MAKES,
  CONNECTORS,
  FAMILIES,
  FUNCTIONS,
  type CableContact,
  type CableMake,
  type Connector,
  type Family,
  type Function,
} from './signal-words.js';

export class PowerNeed {
  @Num(0, 20000) running!: number;
  @Optional() @Num(0, 20000) standby?: number;
  /** Power factor. */
  @Optional() @Num(0.3, 1) factor?: number;
}

/** How much room it takes as it stands or lies in use, m, as far as it was measured. */
export class Size {
  @Optional() @Num(0.001, 20) width?: number;
  @Optional() @Num(0.001, 20) depth?: number;
  @Optional() @Num(0.001, 20) height?: number;
}

/** Active 16:9 area and lens. Lengths in mm. */
export class Optics {
  @Num(0.5, 80) sensorWidth!: number;
  @Num(0.5, 80) sensorHeight!: number;
  @Num(0.5, 2000) focalMin!: number;
  @Num(0.5, 2000) focalMax!: number;
  /** Width of the picture in pixels. */
  @Int(320, 16384) pixels!: number;
  /** Crop of the video mode, 1 = none. */
  @Optional() @Num(1, 10) crop?: number;
  /** Widest aperture at the short end of the zoom, f-number. */
  @Optional() @Num(0.7, 32) apertureShort?: number;
  /** The same at the long end; absent = as at the short end. */
  @Optional() @Num(0.7, 32) apertureLong?: number;
  /** Sensitivity without gain, ISO. */
  @Optional() @Num(10, 25600) baseIso?: number;
  /** Highest gain over that which is acceptable, dB. */
  @Optional() @Num(0, 60) mostGain?: number;
  /** Nearest distance it focuses at, m. */
  @Optional() @Num(0.01, 20) nearest?: number;
  /** T-stop of the lens wide open at its short end: light is reckoned by it, focus by the f-number. */
  @Optional() @Num(0.7, 32) tStop?: number;
  /** Diameter of the image circle, mm; one too small for the sensor forces a crop. */
  @Optional() @Num(3, 150) imageCircle?: number;
  @Optional() @Text(30) mount?: string;
  /** Sensitivity as published, where no base ISO is: the f-number of a full picture at 2000 lx. */
  @Optional() @Num(0.7, 64) atTwoThousand?: number;
  /** Its focal lengths are what a full-frame camera of the same diagonal would have, as phones state them. */
  @Optional() @Flag() equivalent?: boolean;
  /** It sees all round: no focal length, and a face grows smaller with distance alone. */
  @Optional() @Flag() panoramic?: boolean;
}

/** A lens that is put on a camera in place of the one it is described with. Lengths in mm. */
export class Lens {
  @Num(0.5, 4000) focalMin!: number;
  @Num(0.5, 4000) focalMax!: number;
  /** Widest aperture at the short end of the zoom, f-number. */
  @Num(0.7, 32) apertureShort!: number;
  /** The same at the long end; absent = as at the short end. */
  @Optional() @Num(0.7, 32) apertureLong?: number;
  /** T-stop wide open at its short end. */
  @Optional() @Num(0.7, 32) tStop?: number;
  /** Diameter of the image circle, mm. */
  @Optional() @Num(3, 150) imageCircle?: number;
  /** Nearest distance it focuses at, m. */
  @Optional() @Num(0.01, 20) nearest?: number;
  @Text(30, 1) mount!: string;
}

/** A lamp that is brought along. */
export class LampLight {
  /** Illuminance in its beam at 1 m, lx. */
  @Num(1, 1e6) lux!: number;
  /** Angle of its beam, degrees. */
  @Num(1, 360) beam!: number;
  /** Colour temperature, K. */
  @Optional() @Int(1500, 20000) kelvin?: number;
}

export const HEADS = ['none', 'ball', 'fluid'] as const;

/** What a camera stands on. */
export class Support {
  /** Lowest and highest that it holds a lens above its floor, m. */
  @Num(0, 20) low!: number;
  @Num(0.05, 30) high!: number;
  /** Most it carries, clamps and plates included, kg. */
  @Num(0.1, 500) load!: number;
  @OneOf(HEADS) head!: (typeof HEADS)[number];
}

/** The other end of a cable whose two ends are unlike. */
export class CableEnd {
  @OneOf(CONNECTORS) connector!: Connector;
  /** Absent: a plug; of a connector with contacts, pins. */
  @Optional() @OneOf(CABLE_ENDS) ends?: CableContact;
}

export class Cable {
  @OneOf(CABLE_MAKES) make!: CableMake;
  @Num(0.1, 500) length!: number;
  /** Of its first end, and of the other where that is not said. */
  @OneOf(CONNECTORS) connector!: Connector;
  /** What its first end is; absent: a plug, or holes where the connector has contacts. */
  @Optional() @OneOf(CABLE_ENDS) ends?: CableContact;
  /** Its other end, where that is another one. A directed cable carries from its first end to this. */
  @Optional() @One(() => CableEnd) far?: CableEnd;
  /** It works in one direction only, which is marked on it; it is never joined to another. */
  @Optional() @Flag() directed?: boolean;
}

export class Battery {
  @Num(1, 60) volts!: number;
  @Num(0.1, 500) ampHours!: number;
  @Num(0.1, 100) maxAmps!: number;
}

/** A battery that stays inside, charged before the event. */
export class InnerBattery {
  @Num(0.1, 5000) wattHours!: number;
  /** It is charged again, or at least not drawn upon, while the device runs on another feed. */
  @Optional() @Flag() topsUp?: boolean;
}

/** Space an item takes in a rack: units of 44.45 mm and depth in m. */
export class RackSize {
  @Int(1, 20) units!: number;
  @Num(0.02, 1.2) depth!: number;
}

/** Space a rack case gives. */
export class RackCase {
  @Int(1, 60) units!: number;
  @Num(0.1, 1.5) depth!: number;
  /** Load limit, kg. */
  @Num(1, 500) load!: number;
}

export class Recording {
  /** Bit rate written, Mb/s. */
  @Num(0.1, 2000) rate!: number;
  /** Disk fitted, GB; absent: none, it records on what is plugged in. */
  @Optional() @Num(1, 100000) disk?: number;
  /** Pictures that it records at once; absent = one. */
  @Optional() @Int(1, 64) tracks?: number;
}

/** A kind of thing, described by what it is, never by maker. */
export class Kind {
  @Text(80, 1) label!: string;
  @OneOf(FAMILIES) family!: Family;
  @Optional() @MapOf(() => Port, 400) ports?: Map<Port>;
  @Optional() @One(() => PowerNeed) power?: PowerNeed;
  @Optional() @Num(0, 500) weight?: number;
  @Optional() @One(() => Size) size?: Size;
  /** What one costs to buy, in the currency of the house. */
  @Optional() @Num(0, 1e7) price?: number;
  /** The kind at the other end, without which it is of no use. */
  @Optional() @Ref() pair?: string;
  @Optional() @One(() => Optics) optics?: Optics;
  @Optional() @One(() => Support) support?: Support;
  @Optional() @One(() => Lens) lens?: Lens;
  @Optional() @One(() => LampLight) lamp?: LampLight;
  @Optional() @One(() => Cable) cable?: Cable;
  @Optional() @One(() => Battery) battery?: Battery;
  @Optional() @One(() => InnerBattery) inner?: InnerBattery;
  @Optional() @One(() => RackSize) rack?: RackSize;
  @Optional() @One(() => RackCase) rackCase?: RackCase;
  @Optional() @One(() => Recording) recording?: Recording;
  /** Room on a disk, GB. */
  @Optional() @Num(1, 100000) storage?: number;
  /** Rating of a strip or reel, A. */
  @Optional() @Num(1, 63) amps?: number;
  @Optional() @One(() => Inside) inside?: Inside;
  /** How late pictures leave it, ms; absent = as is typical of its family. */
  @Optional() @Num(0, 60000) pictureDelay?: number;
  /** How late sound leaves it, ms; absent = as is typical of its family. */
  @Optional() @Num(0, 60000) soundDelay?: number;
  /** How far the arm of a boom reaches from where its stand is, m. */
  @Optional() @Num(0.1, 10) arm?: number;
  /** Width of the picture of a screen, m. */
  @Optional() @Num(0.02, 30) screenWidth?: number;
  /** It contains a stream encoder. */
  @Optional() @Flag() encodes?: boolean;
  /** What it does besides what its family does: a tablet that is a camera and mixes, a recorder that plays. */
  @Optional() @Words(FUNCTIONS) does?: Function[];
  /** It takes talkback out of what passes through it. */
  @Optional() @Flag() strips?: boolean;
}

/** The kinds an organisation knows. */
export class Kinds {
  @OneOf([1]) version!: 1;
  @MapOf(() => Kind) kinds!: Map<Kind>;
  /** Cases that arrive wired. */
  @Optional() @MapOf(() => Assembly, 200) assemblies?: Map<Assembly>;
}
