/** Every rule of Pack. */
import { claimed } from './claimed.js';
import { itemUnfit } from './item-unfit.js';
import { lift } from './lift.js';
import { notOwned } from './not-owned.js';
import { stockShort } from './stock-short.js';

export const PACK_RULES = [itemUnfit, notOwned, claimed, stockShort, lift];
