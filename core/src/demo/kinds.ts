/** The kinds of the demo organisations: the library, with the prices that each has found. */
import type { Kinds } from '../documents/index.js';
import { libraryKinds } from '../library/index.js';
import { CHAPEL_PRICES, QUILLMERE_PRICES, withPrices } from './prices.js';

const library: Kinds = { version: 1, kinds: libraryKinds };

export const demoKinds: Kinds = withPrices(library, QUILLMERE_PRICES, 'GBP', '2026-11-03');
export const chapelKinds: Kinds = withPrices(library, CHAPEL_PRICES, 'USD', '2026-11-05');
