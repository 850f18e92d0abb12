/** How sure an answer is. */

/** How far an objective may still be from the best there is, as a share of that: 0 when it is proven best. */
export function gapOf({ value, bound }: { readonly value: number; readonly bound: number }): number {
  const apart = Math.abs(bound - value);
  return apart <= 1e-9 ? 0 : apart / Math.max(1e-9, Math.abs(bound));
}
