import { SHEET_WORDS, type SheetName } from '@idle-satchel/core';

/** The lists that come out of the schematic, in order. */
export const LIST_WORDS = {
  'input-list': SHEET_WORDS['input-list'],
  'patch-list': SHEET_WORDS['patch-list'],
  'format-card': SHEET_WORDS['format-card'],
} as const satisfies Partial<Record<SheetName, string>>;
export type ListName = keyof typeof LIST_WORDS;
