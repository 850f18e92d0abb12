import { Flag, Optional, Ref } from './decorators.js';

/** Two devices that are to live or die together, or of which one is to outlive the other’s circuit. */
export class FedTogether {
  @Ref() one!: string;
  @Ref() other!: string;
  /** On two circuits, as each stands in for the other; absent = on one. */
  @Optional() @Flag() apart?: boolean;
}
