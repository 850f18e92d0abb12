import { startTransition, useOptimistic } from 'react';

/** One thing that was measured: it counts where it is ticked. */
export function NotedLine({
  words,
  accepted,
  onAccept,
  onDrop,
}: {
  words: readonly string[];
  accepted: boolean;
  onAccept: (counts: boolean) => Promise<void>;
  onDrop: () => Promise<void>;
}) {
  /** Ticked at once, and as it is kept once that is known. */
  const [ticked, setTicked] = useOptimistic(accepted);
  const said = words.filter(Boolean).join(', ');
  return (
    <li className="flex gap-2 items-baseline py-1 border-b border-rule">
      <label className="flex gap-2 grow items-baseline">
        <input
          type="checkbox"
          checked={ticked}
          onChange={({ target: { checked } }) =>
            startTransition(async () => {
              setTicked(checked);
              await onAccept(checked);
            })
          }
        />
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
