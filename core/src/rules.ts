/** Every rule of every station. */
import type { RuleBook } from './assessing.js';
import { BRIEF_RULES } from './stations/brief/snags/index.js';
import { DAY_RULES } from './stations/day/snags/index.js';
import { GROUND_RULES } from './stations/ground/snags/index.js';
import { HANDS_RULES } from './stations/hands/snags/index.js';
import { PACK_RULES } from './stations/pack/snags/index.js';
import { POWER_RULES } from './stations/power/snags/index.js';
import { RACKS_RULES } from './stations/racks/snags/index.js';
import { RUNS_RULES } from './stations/runs/snags/index.js';
import { SHOTS_RULES } from './stations/shots/snags/index.js';
import { SIGNAL_RULES } from './stations/signal/snags/index.js';
import { STREAM_RULES } from './stations/stream/snags/index.js';

export const RULES: RuleBook = {
  brief: BRIEF_RULES,
  ground: GROUND_RULES,
  shots: SHOTS_RULES,
  signal: SIGNAL_RULES,
  stream: STREAM_RULES,
  runs: RUNS_RULES,
  power: POWER_RULES,
  racks: RACKS_RULES,
  pack: PACK_RULES,
  hands: HANDS_RULES,
  day: DAY_RULES,
};
