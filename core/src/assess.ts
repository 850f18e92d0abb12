/** The assessment with every rule there is. */
import { createAssessorBy, createChainBy, type Assessment, type Assessor, type Chain } from './assessing.js';
import type { Bundle } from './documents/index.js';
import { RULES } from './rules.js';

export type { Assessment, Assessor } from './assessing.js';

const all = () => RULES;

export const createAssessor = (): Assessor => createAssessorBy(all);

/** See `createChainBy`. */
export const createChain = (worked?: (part: string) => void): ((bundle: Bundle) => Chain) =>
  createChainBy(all, worked);

/** One assessment from nothing. */
export const assess = (bundle: Bundle): Assessment => createAssessor()(bundle);
