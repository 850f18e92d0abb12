/** A way out for a lead that is too long: as it is thought of, and as it is weighed. */
import type { Offer } from '../search.js';

export interface WayOut extends Offer {
  readonly sort: 'cable' | 'extender' | 'converters' | 'house line' | 'desk';
  /** Every lead that it makes of the old one carries that far. */
  readonly carries: boolean;
  /** What must be bought or hired for it, and its price; undefined where a price is not known. */
  readonly buy: readonly string[];
  readonly price: number | undefined;
  /** Added delay of the picture, ms; added things that want a socket; added weight, kg. */
  readonly delay: number;
  readonly powerPoints: number;
  readonly weight: number;
}

export type Draft = Pick<WayOut, 'id' | 'sort' | 'label' | 'changes'>;
