/** Lists that say what things cost or are worth, by the names of their files. */
export const OF_MONEY: ReadonlySet<string> = new Set(['quote', 'shopping', 'insurance', 'customs']);
