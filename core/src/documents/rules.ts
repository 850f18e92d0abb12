import { Num, OneOf, Optional, Text } from './decorators.js';
import { FORMATS, type Format } from '../foundations/formats.js';

export type HdmiReach = 'cautious' | 'usual' | 'stretched';
export type MainsLoad = 'eighty' | 'full';
/** What counts as sharp: a share of the picture's diagonal, or two pixels of the output. */
export type SharpCircle = 'diagonal' | 'pixels';
/** Where sound is delayed: in the device in which it meets the pictures, or in the sound desk. */
export type DelayAt = 'meeting' | 'desk';
export type UploadHeadroom = 'half' | 'threeQuarters';

/** Choices where practitioners differ; an event may override any of them. */
export class RuleChoices {
  @Optional() @OneOf(['cautious', 'usual', 'stretched']) hdmiReach?: HdmiReach;
  @Optional() @OneOf(['eighty', 'full']) mainsLoad?: MainsLoad;
  @Optional() @OneOf(['half', 'threeQuarters']) uploadHeadroom?: UploadHeadroom;
  @Optional() @OneOf(FORMATS) format?: Format;
  @Optional() @OneOf(['diagonal', 'pixels']) circle?: SharpCircle;
  /** Clear width of aisles, m. */
  @Optional() @Num(0.5, 5) aisleWidth?: number;
  @Optional() @Num(0.8, 2) seatedHead?: number;
  @Optional() @Num(1, 2.5) standingHead?: number;
  /** Slack added to cable runs, %. */
  @Optional() @Num(0, 50) slack?: number;
  /** Part of a battery kept back, %. */
  @Optional() @Num(0, 60) batteryReserve?: number;
  /** Share of whatever can run out that is kept spare, %. */
  @Optional() @Num(0, 50) keptSpare?: number;
  @Optional() @OneOf(['meeting', 'desk']) delayAt?: DelayAt;
}

/** House rules of an organisation: its units and the default of every choice. */
export class Rules {
  @OneOf([1]) version!: 1;
  @Text(80, 1) organisation!: string;
  @OneOf(['metric', 'imperial']) units!: 'metric' | 'imperial';
  @OneOf(['cautious', 'usual', 'stretched']) hdmiReach!: HdmiReach;
  @OneOf(['eighty', 'full']) mainsLoad!: MainsLoad;
  @OneOf(['half', 'threeQuarters']) uploadHeadroom!: UploadHeadroom;
  @OneOf(FORMATS) format!: Format;
  /** Absent = by the diagonal. */
  @Optional() @OneOf(['diagonal', 'pixels']) circle?: SharpCircle;
  @Num(0.5, 5) aisleWidth!: number;
  @Num(0.8, 2) seatedHead!: number;
  @Num(1, 2.5) standingHead!: number;
  @Num(0, 50) slack!: number;
  @Num(0, 60) batteryReserve!: number;
  /** Share of whatever can run out that is kept spare, %; absent = none. */
  @Optional() @Num(0, 50) keptSpare?: number;
  /** Absent = where sound and pictures meet. */
  @Optional() @OneOf(['meeting', 'desk']) delayAt?: DelayAt;
}
