import { ownName } from '../api/signature.js';
import type { UseFormRegisterReturn } from 'react-hook-form';

/** The name that somebody signs with. */
export function NameField({
  field,
  first = false,
  className,
}: {
  /** As the form registers it. */
  field: UseFormRegisterReturn;
  /** It is what one types first. */
  first?: boolean;
  className?: string;
}) {
  return (
    <label className={className}>
      Your name
      <input
        className="field w-full"
        required
        maxLength={80}
        autoFocus={first}
        readOnly={ownName() !== undefined}
        {...field}
      />
    </label>
  );
}
