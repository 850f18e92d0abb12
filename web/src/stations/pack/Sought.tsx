import type { Bundle } from '@idle-satchel/core';
import type { Found } from '@idle-satchel/core/searches';
import type { ReactNode } from 'react';
import { useOpenEvent } from '../../store/hooks.js';
import type { Asked } from '../../workers/use-asked.js';

/** What packing and loading depend on. */
export const readBy = ({ plan, venue, rules, kinds, shelf }: Bundle) => [plan, venue, rules, kinds, shelf];

/** Lines that found no room, each with why. */
export const LeftLines = ({
  left,
}: {
  left: readonly { readonly line: string; readonly label: string; readonly why: string }[];
}) => (
  <ul className="text-[13px]">
    {left.map(({ line, label, why }) => (
      <li key={line}>
        {label} <span className="text-faint">– {why}</span>
      </li>
    ))}
  </ul>
);

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
