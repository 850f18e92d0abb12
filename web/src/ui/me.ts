/** Who is signed in here, and what they may do: screens hide what they may not. */
import { may, type Action, type Pathed, type Thing } from '@idle-satchel/core/roles';
import type { Me } from '@idle-satchel/core/api';
import { useSyncExternalStore } from 'react';
import { me } from '../api/me.js';

export const useMe = (): Me | undefined => useSyncExternalStore(me.subscribe, me.get);

/** Whether whoever is signed in here may do something. Before it is known they may do what everybody may. */
export const useMay = (action: Action, thing: Thing): boolean => may(useMe()?.role ?? 'guest', action, thing);

/** Fields of a form of records that whoever is signed in here may fill in. */
export function useFieldsOf<Field extends { readonly name: string }>(
  document: Pathed,
  fields: readonly Field[],
  within = '',
): readonly Field[] {
  const role = useMe()?.role ?? 'guest';
  return fields.filter(({ name }) => may(role, 'change', { document, path: `${within}/${name}` }));
}
