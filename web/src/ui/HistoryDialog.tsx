import { newId, showDayAndClock, type Telling } from '@idle-satchel/core';
import type { EditAnswer } from '@idle-satchel/core/api';
import { useInfiniteQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { call, wordsOf } from '../api/client.js';
import { historyQuery } from '../api/queries.js';
import { author } from '../api/signature.js';
import { useEvent, useReading, useStore } from '../store/hooks.js';
import { Dialog } from './Dialog.js';

/** The history of the open event's plan, or of the venue that is open. */
export default function HistoryDialog({ onClose }: { onClose: () => void }) {
  const store = useStore();
  const reading = useReading();
  const document = useEvent(state => (store.of === 'event' ? state.ids.plan : state.ids.venue));
  return (
    <DocumentHistory
      title="History"
      document={document}
      telling={reading}
      onClose={onClose}
      onRestored={(revision, answer) => store.broughtBack(revision, answer)}
    />
  );
}

/** Every edit of a document with its name, newest first; any state can be brought back. */
export function DocumentHistory({
  title,
  document,
  telling,
  onClose,
  onRestored,
}: {
  title: string;
  document: string;
  telling: Telling;
  onClose: () => void;
  onRestored: (revision: number, answer: EditAnswer) => void;
}) {
  const [problem, setProblem] = useState('');
  const history = useInfiniteQuery(historyQuery(document));
  const restore = async (revision: number): Promise<void> => {
    try {
      const answer = await call(
        'POST /documents/:id/restore',
        { id: document },
        { id: newId(), author: author(), revision },
      );
      onRestored(revision, answer);
      onClose();
    } catch (error) {
      setProblem(wordsOf(error));
    }
  };
  const entries = history.data?.pages.flatMap(page => page.entries) ?? [];
  return (
    <Dialog title={title} onClose={onClose}>
      {problem && <p className="text-stop mb-2">{problem}</p>}
      <div className="max-h-[60vh] overflow-auto">
        <table>
          <thead>
            <tr>
              <th>What</th>
              <th>Who</th>
              <th>When</th>
              <th />
            </tr>
          </thead>
          <tbody>
            {entries.map(({ revision, label, author: who, at }, i) => (
              <tr key={revision}>
                <td>{label}</td>
                <td>{who}</td>
                <td className="whitespace-nowrap">{showDayAndClock(at, telling)}</td>
                <td className="text-right">
                  {i > 0 && (
                    <button
                      className="link"
                      aria-label={`Bring back “${label}”, ${showDayAndClock(at, telling)}`}
                      onClick={() => void restore(revision)}
                    >
                      Bring back
                    </button>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        {entries.length === 0 && (
          <p className="text-faint py-2">{history.isPending ? '…' : 'Nothing was changed yet.'}</p>
        )}
        {history.hasNextPage && (
          <button className="button mt-3" onClick={() => void history.fetchNextPage()}>
            Earlier
          </button>
        )}
        {entries.length > 0 && !history.hasNextPage && (
          <button className="link mt-3" onClick={() => void restore(1)}>
            Bring back the beginning
          </button>
        )}
      </div>
    </Dialog>
  );
}
