/** What is kept with a thing: its settings files, what its buttons do, and what its journey asks for. */
import { Instant } from './time-decorators.js';
import { Int, Optional, Ref, Said, Text } from './decorators.js';

/** Largest file that is kept, bytes. */
export const LARGEST_FILE = 20 * 1024 * 1024;

/** One version of a file that a thing is set up by: switcher set-up, macros, router configuration. */
export class SettingsFile {
  @Text(8) order!: string;
  /** What it is, the same for all its versions. */
  @Text(60, 1) label!: string;
  @Int(1, 1e6) version!: number;
  /** The file as it is kept beside the documents. */
  @Ref() file!: string;
  /** As it was called where it was taken from. */
  @Text(120, 1) name!: string;
  @Int(0, LARGEST_FILE) bytes!: number;
  @Optional() @Instant() at?: string;
}

/** Something to look at when it arrives. */
export class AfterTransport {
  @Text(8) order!: string;
  @Text(120, 1) look!: string;
}

/** How one of its knobs or menu entries is set. */
export class Knob {
  @Text(8) order!: string;
  @Said('Knob or menu') @Text(40, 1) knob!: string;
  /** As it reads there: `12 dB`, `on`, `1/50`. */
  @Said('Set to') @Text(60, 1) to!: string;
}
