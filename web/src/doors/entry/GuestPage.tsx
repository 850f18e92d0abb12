import { useState } from 'react';
import { call, messageOf } from '../../api/client.js';
import { cameIn } from './came-in.js';
import { EntryPage } from './EntryPage.js';
import { tokenHere } from './token-here.js';

/** Comes in by a link to one event: pressed, not followed, since programs that preview links follow them too. */
export default function GuestPage({ onDone }: { onDone: (event: string | undefined) => void }) {
  const [problem, setProblem] = useState('');
  const enter = async (): Promise<void> => {
    try {
      const next = await call('POST /guest-links/enter', {}, { token: tokenHere() });
      await cameIn(next);
      onDone(next.event);
    } catch (error) {
      setProblem(messageOf(error));
    }
  };
  return (
    <EntryPage title="The day of one event">
      <p className="mb-3">
        This link shows what happens when, and what is to be checked. Nothing can be changed.
      </p>
      {problem && (
        <p role="alert" className="text-stop mb-3">
          ◆ {problem}. Ask whoever gave it to you for a new one.
        </p>
      )}
      <button className="button button-main" onClick={() => void enter()}>
        Show the event
      </button>
    </EntryPage>
  );
}
