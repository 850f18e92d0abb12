/** Starter kits: complete plans over a plain room to begin an event from. */
import { plainRoom } from './room.js';
import { kitFrom, type Kit } from './sketch.js';
import { LARGE } from './large.js';
import { MEDIUM } from './medium.js';
import { SMALL } from './small.js';

export { begunKit, kitBundle, roomFor, type BegunKit } from './begin.js';
export { plainRoom, plainRoomSize } from './room.js';
export type { Kit } from './sketch.js';
export { usualRules } from './usual-rules.js';
export { libraryKinds } from '../library/index.js';

const room = plainRoom(230, 50);
export const kits: readonly Kit[] = [...SMALL, ...MEDIUM, ...LARGE].map(sketch => kitFrom(sketch, room));
