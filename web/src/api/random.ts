/** A number in [0, 1) from the browser’s source for keys: ids must not meet. */
export const random = (): number => (crypto.getRandomValues(new Uint32Array(1))[0] ?? 0) / 2 ** 32;
