import type { SheetName } from '@idle-satchel/core/api';

/** The lists that come out of the schematic, in order. */
export const LIST_WORDS = {
  'input-list': 'Input list',
  'patch-list': 'Patch list',
  'format-card': 'Format card',
} as const satisfies Partial<Record<SheetName, string>>;
export type ListName = keyof typeof LIST_WORDS;
