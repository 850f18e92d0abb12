/** What a kind may have: a lens, a cable, room in a rack. */
import { Flag, Int, Num, One, OneOf, Optional, Said, Text } from './decorators.js';
import {
  CABLE_ENDS,
  CABLE_MAKES,
  CABLE_MARKS,
  CONNECTORS,
  type CableContact,
  type CableMake,
  type CableMark,
  type Connector,
} from './signal-words.js';

/** How much room it takes as it stands or lies in use, m, as far as it was measured. */
export class Size {
  @Optional() @Num(0.001, 20) @Said('Wide', 'm') width?: number;
  @Optional() @Num(0.001, 20) @Said('Deep', 'm') depth?: number;
  @Optional() @Num(0.001, 20) @Said('High', 'm') height?: number;
}

/** Active 16:9 area and lens. Lengths in mm. */
export class Optics {
  @Num(0.5, 80) @Said('Sensor, wide', 'mm', { help: 'its active 16:9 area' }) sensorWidth!: number;
  @Num(0.5, 80) @Said('Sensor, high', 'mm') sensorHeight!: number;
  @Num(0.5, 2000) @Said('Shortest focal length', 'mm') focalMin!: number;
  @Num(0.5, 2000) @Said('Longest focal length', 'mm') focalMax!: number;
  /** Width of the picture in pixels. */
  @Int(320, 16384) @Said('Picture, wide', 'px') pixels!: number;
  /** Crop of the video mode, 1 = none. */
  @Optional() @Num(1, 10) @Said('Crop of the video mode', '×', { help: '1 = none' }) crop?: number;
  /** Widest aperture at the short end of the zoom, f-number. */
  @Optional() @Num(0.7, 32) @Said('Widest aperture, wide end', 'f/') apertureShort?: number;
  /** The same at the long end; absent = as at the short end. */
  @Optional()
  @Num(0.7, 32)
  @Said('Widest aperture, long end', 'f/', { help: 'empty = as at the wide end' })
  apertureLong?: number;
  /** Sensitivity without gain, ISO. */
  @Optional() @Num(10, 25600) @Said('Sensitivity without gain', 'ISO') baseIso?: number;
  /** Highest gain over that which is acceptable, dB. */
  @Optional() @Num(0, 60) @Said('Most gain that is acceptable', 'dB') mostGain?: number;
  /** Nearest distance it focuses at, m. */
  @Optional() @Num(0.01, 20) @Said('Focuses from', 'm') nearest?: number;
  /** T-stop of the lens wide open at its short end: light is reckoned by it, focus by the f-number. */
  @Optional()
  @Num(0.7, 32)
  @Said('T-stop, wide open', 'f/', { help: 'light is reckoned by it, focus by the f-number' })
  tStop?: number;
  /** Diameter of the image circle, mm; one too small for the sensor forces a crop. */
  @Optional()
  @Num(3, 150)
  @Said('Image circle', 'mm', { help: 'one too small for the sensor forces a crop' })
  imageCircle?: number;
  @Optional() @Text(30) @Said('Lens mount') mount?: string;
  /** Sensitivity as published, where no base ISO is: the f-number of a full picture at 2000 lx. */
  @Optional()
  @Num(0.7, 64)
  @Said('Full picture at 2000 lx', 'f/', { help: 'as published, where no base ISO is' })
  atTwoThousand?: number;
  /** Its focal lengths are what a full-frame camera of the same diagonal would have, as phones state them. */
  @Optional()
  @Flag()
  @Said('Focal lengths are those of a full frame', '', { help: 'as phones state them' })
  equivalent?: boolean;
  /** It sees all round: no focal length, and a face grows smaller with distance alone. */
  @Optional() @Flag() @Said('Sees all round') panoramic?: boolean;
}

/** A lens that is put on a camera in place of the one it is described with. Lengths in mm. */
export class Lens {
  @Num(0.5, 4000) @Said('Shortest focal length', 'mm') focalMin!: number;
  @Num(0.5, 4000) @Said('Longest focal length', 'mm') focalMax!: number;
  /** Widest aperture at the short end of the zoom, f-number. */
  @Num(0.7, 32) @Said('Widest aperture, wide end', 'f/') apertureShort!: number;
  /** The same at the long end; absent = as at the short end. */
  @Optional()
  @Num(0.7, 32)
  @Said('Widest aperture, long end', 'f/', { help: 'empty = as at the wide end' })
  apertureLong?: number;
  /** T-stop wide open at its short end. */
  @Optional() @Num(0.7, 32) @Said('T-stop, wide open', 'f/') tStop?: number;
  /** Diameter of the image circle, mm. */
  @Optional() @Num(3, 150) @Said('Image circle', 'mm') imageCircle?: number;
  /** Nearest distance it focuses at, m. */
  @Optional() @Num(0.01, 20) @Said('Focuses from', 'm') nearest?: number;
  @Text(30, 1) @Said('Mount') mount!: string;
}

/** A lamp that is brought along. */
export class LampLight {
  /** Illuminance in its beam at 1 m, lx. */
  @Num(1, 1e6) @Said('Light in its beam at 1 m', 'lx') lux!: number;
  /** Angle of its beam, degrees. */
  @Num(1, 360) @Said('Angle of its beam', '°') beam!: number;
  /** Colour temperature, K. */
  @Optional() @Int(1500, 20000) @Said('Colour temperature', 'K') kelvin?: number;
}

export const HEADS = ['none', 'ball', 'fluid'] as const;

/** What a camera stands on. */
export class Support {
  /** Lowest and highest that it holds a lens above its floor, m. */
  @Num(0, 20) @Said('Lowest lens', 'm') low!: number;
  @Num(0.05, 30) @Said('Highest lens', 'm') high!: number;
  /** Most it carries, clamps and plates included, kg. */
  @Num(0.1, 500) @Said('Carries at most', 'kg', { help: 'clamps and plates included' }) load!: number;
  @OneOf(HEADS) @Said('Head') head!: (typeof HEADS)[number];
}

/** The other end of a cable whose two ends are unlike. */
export class CableEnd {
  @OneOf(CONNECTORS) @Said('Connector') connector!: Connector;
  /** Absent: a plug; of a connector with contacts, pins. */
  @Optional()
  @OneOf(CABLE_ENDS)
  @Said('Ends in', '', { help: 'empty = a plug; of a connector with contacts, pins' })
  ends?: CableContact;
}

export class Cable {
  @OneOf(CABLE_MAKES) @Said('Make') make!: CableMake;
  @Num(0.1, 500) @Said('Long', 'm') length!: number;
  /** Of its first end, and of the other where that is not said. */
  @OneOf(CONNECTORS) @Said('First end') connector!: Connector;
  /** What its first end is; absent: a plug, or holes where the connector has contacts. */
  @Optional()
  @OneOf(CABLE_ENDS)
  @Said('First end is', '', { help: 'empty = a plug; of a connector with contacts, holes' })
  ends?: CableContact;
  /** Its other end, where that is another one. A directed cable carries from its first end to this. */
  @Optional() @One(() => CableEnd) @Said('The other end is another one') far?: CableEnd;
  /** Copper of each core of a lead for power, mm². */
  @Optional()
  @Num(0.05, 50)
  @Said<Cable>('Copper', 'mm²', { when: ({ make }) => make === 'dc' })
  section?: number;
  /** What it is marked for, of USB-C; absent = 3 A at up to 20 V. */
  @Optional()
  @OneOf(CABLE_MARKS)
  @Said<Cable>('Marked for', '', { help: 'empty = 3 A', when: ({ connector }) => connector === 'USB-C' })
  mark?: CableMark;
  /** It works in one direction only, which is marked on it; it is never joined to another. */
  @Optional() @Flag() @Said('Works from its first end to the other only') directed?: boolean;
}

export class Recording {
  /** Bit rate written, Mb/s. */
  @Num(0.1, 2000) @Said('Writes', 'Mb/s') rate!: number;
  /** Disk fitted, GB; absent: none, it records on what is plugged in. */
  @Optional()
  @Num(1, 100000)
  @Said('Disk fitted', 'GB', { help: 'empty = none; it records on what is plugged in' })
  disk?: number;
  /** Pictures that it records at once; absent = one. */
  @Optional() @Int(1, 64) @Said('Pictures at once', 'pieces', { help: 'empty = one' }) tracks?: number;
}
