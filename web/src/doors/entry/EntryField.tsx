import { useId, type ComponentProps } from 'react';

/** A field of a page before the doors, with what the server has against what stands in it. */
export function EntryField({
  label,
  help,
  fault,
  ...input
}: Omit<ComponentProps<'input'>, 'className' | 'id'> & {
  label: string;
  help?: string;
  fault: string | undefined;
}) {
  const id = useId();
  return (
    <div>
      <label htmlFor={id}>{label}</label>
      <input
        {...input}
        id={id}
        className="field w-full"
        aria-invalid={fault !== undefined}
        aria-describedby={`${id}-more`}
      />
      <p id={`${id}-more`} className={`text-[13px] ${fault === undefined ? 'text-faint' : 'text-stop'}`}>
        {fault === undefined ? help : `◆ ${label}: ${fault}`}
      </p>
    </div>
  );
}
