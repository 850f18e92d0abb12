/** Solves a programme in LP format to the proven optimum; gives the value of each variable. */
export type ProgrammeSolver = (programme: string) => Promise<Readonly<Record<string, number>>>;
