/** A file that cannot be taken, with the reason in words for people. */
export class Refusal extends Error {}

/** Largest drawing that is read, bytes: plans of halls are far smaller. */
export const LARGEST_DRAWING = 20 * 1024 * 1024;
