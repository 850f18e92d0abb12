/** The assessment with every rule there is. */
import {
  createAssessorBy,
  createChainBy,
  type Assessment,
  type Assessor,
  type Book,
  type Chain,
} from './assessing.js';
import type { Bundle } from './documents/index.js';
import { EARLY_STATIONS } from './early-stations.js';
import { LATE_STATIONS } from './late-stations.js';
import { POWER_STATIONS } from './power-stations.js';
import { HANDS_STATIONS } from './hands-stations.js';
import { RACK_STATIONS } from './rack-stations.js';
import { RULES } from './rules.js';

export type { Assessment, Assessor } from './assessing.js';

/** All stations and all rules. */
export const BOOK: Book = {
  stations: { ...EARLY_STATIONS, ...LATE_STATIONS, ...HANDS_STATIONS, ...POWER_STATIONS, ...RACK_STATIONS },
  rules: RULES,
};
const all = () => BOOK;

export const createAssessor = (): Assessor => createAssessorBy(all);

/** See `createChainBy`. */
export const createChain = (worked?: (part: string) => void): ((bundle: Bundle) => Chain) =>
  createChainBy(all, worked);

/** One assessment from nothing. */
export const assess = (bundle: Bundle): Assessment => createAssessor()(bundle);
