/** The lists of the shelf that are printed or read in a spreadsheet, by the names of their files. */
export const SHELF_SHEET_WORDS = {
  inventory: 'Everything on the shelf',
  'tests-due': 'Electrical tests',
  repairs: 'To be mended',
  batteries: 'Health of batteries',
  'lent-out': 'Lent out',
  'not-own': 'Borrowed, hired and resident',
  insurance: 'Insurance list',
  customs: 'Customs list',
  receipt: 'Receipt',
} as const;
export type ShelfSheetName = keyof typeof SHELF_SHEET_WORDS;
export const SHELF_SHEET_NAMES = Object.keys(SHELF_SHEET_WORDS) as ShelfSheetName[];
