import { VIDEO_FORMATS, type VideoFormat } from '../foundations/video-format.js';
import { Flag, Num, OneOf, Optional, Text } from './decorators.js';
import { Instant } from './time-decorators.js';

/** What a lead was seen to carry, or not: at which format and length, when and by whom. */
export class Proof {
  /** Absent for what carries no picture. */
  @Optional() @OneOf(VIDEO_FORMATS) format?: VideoFormat;
  @Num(0.1, 20000) length!: number;
  @Flag() works!: boolean;
  @Instant() at!: string;
  @Text(80, 1) by!: string;
}
