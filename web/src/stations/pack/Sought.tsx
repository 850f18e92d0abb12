import type { Found } from '@idle-satchel/core/searches';
import type { ReactNode } from 'react';
import { useOpenEvent } from '../../store/hooks.js';
import type { Asked } from '../../workers/use-asked.js';

interface Words {
  readonly look: string;
  readonly busy: string;
  readonly again: string;
  readonly take: string;
}

/** A search of Pack that somebody asks for: its button, what it says, and its first offer to be taken. */
export function Sought<Answer>({
  asked: { found, fresh, busy, problem, look, putAway },
  can,
  words,
  beside,
  said,
}: {
  asked: Asked<Answer>;
  /** Whether there is anything to look for. */
  can: boolean;
  words: Words;
  beside: ReactNode;
  said: (answer: Found<Answer>['answer']) => ReactNode;
}) {
  const { store } = useOpenEvent();
  const [offer] = found?.offers ?? [];
  return (
    <>
      <p className="flex flex-wrap gap-2 items-baseline">
        {can && (
          <button className="button" disabled={busy} onClick={look}>
            {busy ? words.busy : words.look}
          </button>
        )}
        {beside}
      </p>
      {problem && <p className="text-stop">It could not be worked out: {problem}</p>}
      {found && !fresh && <p className="text-faint">Something has changed since: {words.again}.</p>}
      {found && fresh && (
        <>
          {said(found.answer)}
          {offer && (
            <button
              className="button button-main my-1"
              onClick={() => {
                store.commit(offer.label, offer.changes);
                putAway();
              }}
            >
              {words.take}
            </button>
          )}
        </>
      )}
    </>
  );
}
