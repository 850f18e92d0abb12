/** The eighteen set-ups in the order of their numbers. */
import { CONTROL_ROOM } from './control-room.js';
import { DENSE_RACK } from './dense-rack.js';
import { FLY_CASE } from './fly-case.js';
import { BOOTH, CEREMONY, HYBRID } from './more.js';
import { BONDED, CHAPEL, HARD_CASE, INTERVIEW, NETWORK_RACK, PANORAMA, STREET } from './nine-to-eighteen.js';
import { FIRST_KIT, ONE_PERSON, SEMINAR, TRAVELLING } from './one-to-six.js';
import { SITE_OF_MANY } from './relay.js';
import type { SetUp } from './stage.js';

export const EIGHTEEN: readonly SetUp[] = [
  SEMINAR,
  ONE_PERSON,
  CONTROL_ROOM,
  TRAVELLING,
  BOOTH,
  FIRST_KIT,
  HYBRID,
  SITE_OF_MANY,
  NETWORK_RACK,
  HARD_CASE,
  PANORAMA,
  DENSE_RACK,
  CHAPEL,
  BONDED,
  CEREMONY,
  STREET,
  INTERVIEW,
  FLY_CASE,
];
