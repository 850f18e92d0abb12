/** Minutes of one person for one lead on the day: to connect it 1.5, to inspect it 0.5. House figure. */
export const PER_LINK = 2;
export const PER_LINK_WORDS = 'to connect 1.5 min, to inspect 0.5';
