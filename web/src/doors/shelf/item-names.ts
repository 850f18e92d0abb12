import type { Kind } from '@idle-satchel/core';
import type { ItemLine } from '@idle-satchel/core/api';

export type KindsById = Readonly<Record<string, Kind>>;

/** What a field of a thing that names another can name: a kind, or another thing than itself. */
export const itemNames =
  (items: readonly ItemLine[], kinds: KindsById, own?: string) =>
  (path: string): readonly (readonly [id: string, words: string])[] =>
    path === 'kind'
      ? Object.entries(kinds).map(([id, { label }]) => [id, label] as const)
      : items.flatMap(({ id, tape }) => (id === own ? [] : [[id, tape] as const]));
