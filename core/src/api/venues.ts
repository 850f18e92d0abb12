/** Venues in a list, and their pictures. */
import { Flag, Int, Many, Num, Text, TextOrNull } from '../documents/decorators.js';
import { LARGEST_FILE } from '../documents/kept-with.js';
import { MOST } from './made.js';
import { Revised } from './bundles.js';

/** One line of the list of venues. */
export class VenueLine extends Revised {
  @Text(80) name!: string;
  @TextOrNull(200) address!: string | null;
  @Num(0, 1000) volts!: number;
  @Num(0, 1000) hertz!: number;
  @TextOrNull(60) zone!: string | null;
  @Int(0, MOST) marks!: number;
  @Int(0, MOST) sockets!: number;
  @Int(0, MOST) uploads!: number;
  /** Values that nobody has measured yet. */
  @Int(0, MOST) guesses!: number;
  /** No longer offered for new events. */
  @Flag() archived!: boolean;
}

export class VenueList {
  @Many(() => VenueLine) venues!: readonly VenueLine[];
}

/** What was kept of a file. */
export class FileSize {
  @Int(1, LARGEST_FILE) bytes!: number;
}

export class PictureSize {
  @Int(1, MOST) width!: number;
  @Int(1, MOST) height!: number;
}
