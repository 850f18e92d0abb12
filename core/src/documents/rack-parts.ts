/** What a thing takes of a rack, what a rack case gives, and the way of the air through either. */
import { Flag, Int, Num, OneOf, Optional, Said } from './decorators.js';
import {
  HELD_BY,
  RACK_FITTINGS,
  RACK_SCREWS,
  RACK_WIDTHS,
  AIR_SIDES,
  YES_OR_NO,
  type HeldBy,
  type RackFitting,
  type RackScrew,
  type RackWidth,
  type AirSide,
  type YesOrNo,
} from './rack-words.js';

/** Space an item takes in a rack: units of 44.45 mm (EIA-310, IEC 60297) and depth in m. */
export class RackSize {
  @Int(1, 20) @Said('Takes', 'U') units!: number;
  @Num(0.002, 1.2) @Said('Deep, behind its ears', 'm') depth!: number;
  /** Absent = whole. */
  @Optional() @OneOf(RACK_WIDTHS) @Said('Of the width', '', { help: 'empty = whole' }) width?: RackWidth;
  /** Absent = a device of its own. */
  @Optional()
  @OneOf(RACK_FITTINGS)
  @Said('It is', '', { help: 'empty = a device of its own' })
  fitting?: RackFitting;
  /** What stands out before its ears: knobs, handles, plugs at the front, m. */
  @Optional() @Num(0, 0.5) @Said('Stands out before its ears', 'm') front?: number;
  /** What plugs take behind it, m, as measured; absent = by its connectors. */
  @Optional()
  @Num(0, 0.5)
  @Said('Plugs behind it take', 'm', { help: 'as measured; empty = by its connectors' })
  plugs?: number;
  /** Somebody has to reach its face while it works. */
  @Optional() @Flag() @Said('Is worked by hand at its face') reach?: boolean;
  /** Absent = not known. */
  @Optional() @OneOf(HELD_BY) @Said('Held by', '', { help: 'empty = not known' }) held?: HeldBy;
  @Optional() @OneOf(RACK_SCREWS) @Said('Its screws', '', { help: 'empty = not known' }) screws?: RackScrew;
  /** Most that a tray or drawer carries, kg. */
  @Optional()
  @Num(0.1, 200)
  @Said<RackSize>('Carries at most', 'kg', {
    when: ({ fitting }) => fitting === 'tray' || fitting === 'drawer',
  })
  carries?: number;
  /** Whether a latch keeps a drawer shut; absent = not known. */
  @Optional()
  @OneOf(YES_OR_NO)
  @Said<RackSize>('A latch keeps it shut', '', {
    help: 'empty = not known',
    when: ({ fitting }) => fitting === 'drawer',
  })
  latch?: YesOrNo;
}

/** Space a rack case gives. */
export class RackCase {
  @Int(1, 60) @Said('Gives', 'U') units!: number;
  @Num(0.1, 1.5) @Said('Usable depth', 'm') depth!: number;
  /** Load limit, kg. */
  @Num(1, 500) @Said('Carries at most', 'kg') load!: number;
  /** What one pair of rails carries, kg; absent = not known. */
  @Optional()
  @Num(1, 500)
  @Said('One pair of rails carries', 'kg', { help: 'empty = not known' })
  railLoad?: number;
  /** Between the faces of front and rear rails, m; absent = as far apart as it is deep. */
  @Optional()
  @Num(0.05, 1.5)
  @Said('From front to rear rails', 'm', { help: 'empty = as far apart as it is deep' })
  rails?: number;
  /** It has no rear rails. */
  @Optional() @Flag() @Said('Has front rails only') frontOnly?: boolean;
  /** Room before the front rails under a lid, m; absent = not known. */
  @Optional()
  @Num(0, 0.5)
  @Said('Room before the front rails under a lid', 'm', { help: 'empty = not known' })
  front?: number;
  /** Between its feet or castors across, and from front to rear, m; absent = as wide and deep as it is outside. */
  @Optional()
  @Num(0.05, 2)
  @Said('Between feet or castors, across', 'm', { help: 'empty = as wide as it is outside' })
  feetAcross?: number;
  @Optional()
  @Num(0.05, 2)
  @Said('Between feet or castors, front to rear', 'm', { help: 'empty = as deep as it is outside' })
  feetAlong?: number;
  /** How far its inner frame swings on shock mounts, m; absent = it has none. */
  @Optional()
  @Num(0.005, 0.1)
  @Said('Swings on shock mounts by', 'm', { help: 'empty = it has none' })
  sway?: number;
  /** Whether its metalwork is joined to the protective earth; absent = not known. */
  @Optional()
  @OneOf(YES_OR_NO)
  @Said('Its metalwork is bonded to earth', '', { help: 'empty = not known' })
  bonded?: YesOrNo;
  /** Its outside is white or silver; absent = black. */
  @Optional() @Flag() @Said('White or silver outside') pale?: boolean;
  @Optional()
  @OneOf(RACK_SCREWS)
  @Said('Screws of its rails', '', { help: 'empty = not known' })
  screws?: RackScrew;
  /** Whether a stay holds its lid open, where something is mounted in that; absent = not known. */
  @Optional()
  @OneOf(YES_OR_NO)
  @Said('A stay holds its lid open', '', { help: 'where something is mounted in it; empty = not known' })
  stay?: YesOrNo;
  /** Whether a latch keeps that lid shut; absent = not known. */
  @Optional()
  @OneOf(YES_OR_NO)
  @Said('A latch keeps its lid shut', '', { help: 'where something is mounted in it; empty = not known' })
  latch?: YesOrNo;
}

/** The way of the air through a thing that has a fan. */
export class AirWay {
  @OneOf(AIR_SIDES) @Said('Takes air in at its') in!: AirSide;
  @OneOf(AIR_SIDES) @Said('Blows it out at its') out!: AirSide;
  /** Into free air, m³/h. */
  @Optional() @Num(0.5, 5000) @Said('Moves, into free air', 'm³/h') flow?: number;
  /** The pressure at which it moves nothing more: the other end of its curve, Pa. */
  @Optional()
  @Num(1, 5000)
  @Said('Moves nothing more against', 'Pa', { help: 'the other end of its curve; empty = no curve is known' })
  pressure?: number;
  /** A dust filter is before its inlet. */
  @Optional() @Flag() @Said('A dust filter is before its inlet') filter?: boolean;
  /** At 1 m, dB(A). */
  @Optional() @Num(0, 120) @Said('Noise at 1 m', 'dB(A)') noise?: number;
}
