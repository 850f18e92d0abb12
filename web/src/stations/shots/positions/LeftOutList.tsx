import type { LeftOut } from '@idle-satchel/core/searches';

/** Cameras that are put up nowhere, each with where it was tried and what was in the way. */
export function LeftOutList({ left }: { left: readonly LeftOut[] }) {
  if (left.length === 0) return null;
  return (
    <>
      <p className="pt-2">Not put up:</p>
      <ul className="pl-4">
        {left.map(({ label, why }) => (
          <li key={label}>
            {label}: {why}.
          </li>
        ))}
      </ul>
    </>
  );
}
