/** Racks as they are drawn on paper: elevations to scale, faces of panels, and what leaves a rack. */
export { rackPages, stacked, type RackPage } from './pages.js';
