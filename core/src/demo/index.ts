export { chapelBundle } from './chapel.js';
export { fridayBundle } from './friday.js';
