/** The kinds of the demo organisations: the library. */
import type { Kinds } from '../documents/index.js';
import { libraryKinds } from '../library/index.js';

export const demoKinds: Kinds = { version: 1, kinds: libraryKinds };
