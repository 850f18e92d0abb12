/** How much somebody lifts alone, in words; empty where it is not known. */
export const liftWords = (lift: number | undefined): string =>
  lift === 0 ? 'no lifting' : lift === undefined ? '' : `lifts up to ${lift} kg`;
