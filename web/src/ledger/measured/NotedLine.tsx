import { useState } from 'react';

/** One thing that was measured: it counts where it is ticked. */
export function NotedLine({
  words,
  accepted,
  onAccept,
  onDrop,
}: {
  words: readonly string[];
  accepted: boolean;
  /** Whether it was kept. */
  onAccept: (counts: boolean) => Promise<boolean>;
  onDrop: () => Promise<unknown>;
}) {
  /** What was ticked on top of what was known: it stands until something else is known, or it could not be kept. */
  const [own, setOwn] = useState<{ readonly on: boolean; readonly over: boolean }>();
  const ticked = own?.over === accepted ? own.on : accepted;
  const tick = async (on: boolean): Promise<void> => {
    setOwn({ on, over: accepted });
    if (!(await onAccept(on))) setOwn(undefined);
  };
  const said = words.filter(Boolean).join(', ');
  return (
    <li className="flex gap-2 items-baseline py-1 border-b border-rule">
      <label className="flex gap-2 grow items-baseline">
        <input type="checkbox" checked={ticked} onChange={({ target: { checked } }) => void tick(checked)} />
        <span className={ticked ? '' : 'text-faint'}>
          {said}
          {ticked ? '' : ' · does not count yet'}
        </span>
      </label>
      <button className="link" aria-label={`Remove ${said}`} onClick={() => void onDrop()}>
        remove
      </button>
    </li>
  );
}
