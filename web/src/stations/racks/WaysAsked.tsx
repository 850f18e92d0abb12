import type { Offer } from '@idle-satchel/core/searches';
import type { ReactNode } from 'react';
import { Heading } from '../../ledger/Ledger.js';
import { useStore } from '../../store/hooks.js';
import type { Asked } from '../../workers/use-asked.js';

/** Takes a way by the id of its offer; `offered` are those that can be taken. */
export interface Taking {
  readonly offered: ReadonlySet<string>;
  readonly onTake: (id: string) => void;
}

/** What is looked for in a rack when somebody asks, and the ways that are found, each to be taken as it is. */
export function WaysAsked<Answer>({
  title,
  words,
  asked: { found, first, fresh, busy, problem, look, putAway },
  children,
}: {
  title: string;
  /** On the button. */
  words: string;
  asked: Asked<Answer>;
  children: (answer: Answer, taking: Taking) => ReactNode;
}) {
  const store = useStore();
  const take = (offer: Offer | undefined): void => {
    if (!offer) return;
    store.commit(offer.label, offer.changes);
    putAway();
  };
  return (
    <section aria-label={title} className="pt-4">
      <Heading>{title}</Heading>
      <button className="button" disabled={busy} onClick={look}>
        {busy ? 'Looking …' : words}
      </button>{' '}
      {problem && <span className="text-stop">It could not be worked out: {problem}</span>}
      {first && <span className="text-faint">These are a first answer; it looks on for better ones.</span>}
      {found && !fresh && <span className="text-faint">Something has changed since: look again.</span>}
      {found &&
        fresh &&
        children(found.answer, {
          offered: new Set(found.offers.map(({ id }) => id)),
          onTake: id => take(found.offers.find(each => each.id === id)),
        })}
    </section>
  );
}
