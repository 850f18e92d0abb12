import { counted } from '@idle-satchel/core';
import type { Asking, AskingState } from '@idle-satchel/core/duties';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { messageOf } from '../../api/client.js';
import { messageTo, type Knowing } from './knowing.js';
import { askSomebody } from './requests-query.js';

/** Asks everybody by mail who was not asked yet, or reminds everybody who is late; whom that does not reach is told. */
export function AskAll({ all, knowing }: { all: readonly Asking[]; knowing: Knowing }) {
  const queries = useQueryClient();
  const [busy, setBusy] = useState(false);
  const [said, setSaid] = useState<readonly string[]>([]);
  const of = (state: AskingState): readonly Asking[] => all.filter(each => each.state === state);
  const send = async (those: readonly Asking[]): Promise<void> => {
    setBusy(true);
    const missed: string[] = [];
    let done = 0;
    for (const each of those) {
      const name = knowing.people.get(each.person)?.name ?? '';
      try {
        const { state, why } = await askSomebody(each, 'mail', messageTo(each, knowing));
        if (state === 'failed') missed.push(`${name}: ${why ?? 'it failed'}`);
        else done++;
      } catch (error) {
        missed.push(`${name}: ${messageOf(error)}`);
      }
      setSaid([`${done} of ${those.length}`]);
    }
    await Promise.all([['requests'], ['roster']].map(queryKey => queries.invalidateQueries({ queryKey })));
    const how = knowing.sends ? 'sent' : 'simulated, as no mail server is set up';
    setSaid([`${counted(done, 'message', 'messages')} ${how}.`, ...missed]);
    setBusy(false);
  };
  const button = (those: readonly Asking[], words: string) =>
    those.length > 0 && (
      <button className="button" disabled={busy} onClick={() => void send(those)}>
        {words} {counted(those.length, 'person', 'people')} by mail
      </button>
    );
  return (
    <div className="pb-2">
      <p className="flex flex-wrap gap-3">
        {button(of('not asked'), 'Ask')}
        {button(of('late'), 'Remind')}
      </p>
      <ul role="status">
        {said.map((words, i) => (
          <li key={words} className={i === 0 ? '' : 'text-risk'}>
            {words}
          </li>
        ))}
      </ul>
    </div>
  );
}
