/** Words of things on the shelf, which documents hold and tables name. */
export const CURRENCIES = ['EUR', 'GBP', 'USD', 'AUD', 'CAD', 'CHF', 'DKK', 'NOK', 'NZD', 'SEK'] as const;
/** By its code of three letters (ISO 4217). */
export type Currency = (typeof CURRENCIES)[number];

export const OWNERS = ['borrowed', 'hired', 'resident'] as const;
/** How a thing that is not one's own comes to be there: of a person, of a firm, or because a venue has it. */
export type OwnerKind = (typeof OWNERS)[number];

export const ITEM_STATES = ['ready', 'out', 'in repair', 'retired'] as const;
export type ItemState = (typeof ITEM_STATES)[number];

export const ITEM_CONDITIONS = ['as new', 'good', 'worn', 'poor'] as const;
/** How a thing looks and works for its age. */
export type ItemCondition = (typeof ITEM_CONDITIONS)[number];

export const VERDICTS = ['worked', 'never used', 'missed', 'broke'] as const;
/** What came of a kind at an event; missed: it was wanted and not there. */
export type VerdictWord = (typeof VERDICTS)[number];
