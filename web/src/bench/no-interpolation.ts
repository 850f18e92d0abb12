/**
 * Takes the place of `d3-interpolate`, of which `d3-zoom` asks nothing but the way between two views of a transition:
 * pictures here never move by themselves (`no-transitions.ts`), so that its package need not be fetched.
 */
export const interpolateZoom = (): never => {
  throw new Error('pictures never move by themselves');
};
