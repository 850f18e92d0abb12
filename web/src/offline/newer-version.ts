import { Channel } from '../store/channel.js';

/** Set when a newer version of the interface waits: calling it puts that in place. */
export const newerVersion = new Channel<(() => void) | undefined>(undefined);
