/** The lists of an event that are printed, by the names of their files, in the order of the work. */
export const SHEET_WORDS = {
  'running-order': 'Running order',
  'input-list': 'Input list',
  'patch-list': 'Patch list',
  'format-card': 'Format card',
  'cut-list': 'Cut list',
  'lay-list': 'Lay list',
  'inner-wiring': 'Inner wiring',
  'power-list': 'Power list',
  'breaker-list': 'Breaker list',
  'circuit-sheet': 'Circuit sheet',
  'lights-out': 'If the lights go out',
  'battery-card': 'Battery card',
  'charge-list': 'Charge list',
  'pack-list': 'Pack list',
  'pack-out': 'Pack out',
  'load-in': 'Load in',
  'pack-back': 'Pack back',
  'hire-pick-up': 'Hire pick-up',
  shopping: 'Shopping list',
  quote: 'Quote',
  'case-cards': 'Content cards',
  'load-card': 'Load card',
  'lifting-card': 'Lifting card',
  'settings-card': 'Settings card',
  'knob-card': 'Knobs and menus',
  'button-sheet': 'Button sheet',
  roles: 'Roles',
  'call-sheet': 'Call sheet',
  'duty-cards': 'Duty cards',
  'wall-chart': 'Wall chart of getting ready',
  credits: 'Credits',
  'check-list': 'Check list',
} as const;
export type SheetName = keyof typeof SHEET_WORDS;
export const SHEET_NAMES = Object.keys(SHEET_WORDS) as SheetName[];

/** What a sheet can be had as, by the ending of its file: in words, shortly on a button, and its media type. */
export const SHEET_FILES = {
  pdf: { words: 'PDF, on Letter where units are imperial, else A4', short: 'PDF', type: 'application/pdf' },
  csv: { words: 'CSV', short: 'CSV', type: 'text/csv' },
  xlsx: {
    ...{ words: 'a workbook', short: 'workbook' },
    type: 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
  },
  txt: { words: 'plain text for a message', short: 'text', type: 'text/plain' },
} as const;
export type SheetFile = keyof typeof SHEET_FILES;
export const SHEET_ENDINGS = Object.keys(SHEET_FILES) as SheetFile[];
