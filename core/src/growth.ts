/** How plans grow: weighed, step by step, and what is bought next. */
export { lostByEach } from './on-air/index.js';
export { weigh, WEIGHT_NAMES, WEIGHT_WORDS, type Weighed, type WeightName } from './weighing/index.js';
export { nextPurchases, PURCHASE_WEIGHTS, type Purchase } from './weighing/next.js';
export { bySize, growthPath, type Pieces, type Step, type StepTaken } from './weighing/path.js';
