/** Something that was asked and cannot be done; its message says why, for the person who asked. */
export class Refusal extends Error {}
