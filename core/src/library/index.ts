/** Kinds that an organisation can begin with, described by what they are, never by maker. */
import type { Kind } from '../documents/index.js';
import { ADAPTERS } from './adapters.js';
import { CABLES } from './cables.js';
import { CAMERAS } from './cameras.js';
import { COMPUTERS } from './computers.js';
import { HOUSE_LINES } from './house.js';
import { NETWORK_AND_POWER } from './network-and-power.js';
import { withSize } from './sizes.js';
import { SOUND, TALK } from './sound-and-talk.js';
import { SOURCES, SWITCHERS } from './switchers.js';
import { THINGS } from './things.js';
import { VIDEO } from './video.js';

const KINDS: Readonly<Record<string, Kind>> = {
  ...CAMERAS,
  ...SWITCHERS,
  ...SOURCES,
  ...COMPUTERS,
  ...ADAPTERS,
  ...VIDEO,
  ...SOUND,
  ...TALK,
  ...NETWORK_AND_POWER,
  ...THINGS,
  ...CABLES,
  ...HOUSE_LINES,
};

export const libraryKinds: Readonly<Record<string, Kind>> = Object.fromEntries(
  Object.entries(KINDS).map(([id, kind]) => [id, withSize(id, kind)]),
);
