import type { useEntry } from './use-entry.js';
import { EntryField } from './EntryField.js';
import { NewPasswordField } from './NewPasswordField.js';

type Field = ReturnType<typeof useEntry<{ name: string; login: string; password: string }>>['field'];

/** What a new account needs. */
export function NewAccountFields({ field, first = false }: { field: Field; first?: boolean }) {
  return (
    <>
      <EntryField
        label="Your name"
        help="What you sign with, and others see"
        autoComplete="name"
        maxLength={80}
        required
        autoFocus={first}
        {...field('name')}
      />
      <EntryField
        label="Sign-in name"
        help="A short name, or an address of mail"
        autoComplete="username"
        maxLength={80}
        required
        {...field('login')}
      />
      <NewPasswordField label="Password" {...field('password')} />
    </>
  );
}
