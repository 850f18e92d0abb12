import { useId, type ComponentProps, type ReactNode } from 'react';

/** A button that can be pressed unless something is missing; then it is grey, and says beside it what that is. */
export function GuardedButton({
  why,
  className = 'button',
  children,
  ...button
}: Omit<ComponentProps<'button'>, 'disabled' | 'title'> & {
  /** What is missing, in words; undefined while nothing is. */
  why: string | undefined;
  children: ReactNode;
}) {
  const id = useId();
  return (
    <span className="inline-flex flex-wrap gap-x-2 items-baseline">
      <button
        {...button}
        className={className}
        disabled={why !== undefined}
        aria-describedby={why === undefined ? undefined : id}
      >
        {children}
      </button>
      {why !== undefined && (
        <span id={id} className="text-faint text-[13px]">
          {why}
        </span>
      )}
    </span>
  );
}
