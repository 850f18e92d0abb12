import { PASSWORD_LENGTH } from '@idle-satchel/core/roles';
import type { ComponentProps } from 'react';
import { EntryField } from './EntryField.js';

/** A password that is chosen, with what is asked of it. */
export const NewPasswordField = (field: Omit<ComponentProps<typeof EntryField>, 'help' | 'type'>) => (
  <EntryField
    help={`${PASSWORD_LENGTH.least} characters or more: a few words that nobody would guess`}
    type="password"
    autoComplete="new-password"
    required
    {...field}
  />
);
