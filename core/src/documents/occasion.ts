/** Several events that belong together: a weekend, a festival over several sites or days. */
import { Flag, Optional, Said, Text } from './decorators.js';

export class Occasion {
  /** Events with the same words belong together. */
  @Said('Part of') @Text(60, 1) label!: string;
  /** What the next event of it at the same venue uses too stays where it is after this one. */
  @Said('Stays rigged for the next') @Optional() @Flag() stays?: boolean;
}
