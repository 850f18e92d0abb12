import { showCalendarDay } from '@idle-satchel/core';
import type { MyDuties } from '@idle-satchel/core/api';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { call, messageOf, wordsOf } from '../../api/client.js';
import { EntryPage } from '../entry/EntryPage.js';
import { tokenHere } from '../entry/token-here.js';
import { DutySection } from './DutySection.js';
import { OwnCalendar } from './OwnCalendar.js';
import { OwnPresence } from './OwnPresence.js';

/** What one person does, by their own link: nothing to sign in to, and nothing but their own. */
export default function DutiesPage() {
  const token = tokenHere();
  const queries = useQueryClient();
  const queryKey = ['duties', token];
  const asked = useQuery({
    queryKey,
    queryFn: () => call('POST /duties/look', {}, { token }),
    retry: false,
  });
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState('');
  if (asked.error)
    return (
      <EntryPage title="This link does not open anything">
        <p>{messageOf(asked.error)}. Ask whoever sent it for a new one.</p>
      </EntryPage>
    );
  if (!asked.data) return <EntryPage title="What you do">…</EntryPage>;
  const { house, name, duties, open, presence = {}, ends, dates } = asked.data;
  const doing = async (work: () => Promise<MyDuties>): Promise<void> => {
    setBusy(true);
    setProblem('');
    try {
      queries.setQueryData(queryKey, await work());
    } catch (error) {
      setProblem(wordsOf(error));
      await asked.refetch();
    }
    setBusy(false);
  };
  return (
    <EntryPage title={`${name}, what you do`}>
      <p className="text-faint mb-2">For {house}</p>
      <p role="status" className="text-stop">
        {problem}
      </p>
      {duties.length === 0 && <p className="py-2">Nothing is asked of you just now.</p>}
      {duties.map(({ event, duty }) => (
        <DutySection
          key={event}
          duty={duty}
          dates={dates}
          busy={busy}
          onAnswer={how => void doing(() => call('POST /duties/answer', {}, { token, event, how }))}
        />
      ))}
      {open.length > 0 && (
        <>
          <h2 className="pt-4">Could you take one of these over?</h2>
          {open.map(({ event, role, duty }) => (
            <DutySection
              key={`${event} ${role}`}
              duty={duty}
              dates={dates}
              busy={busy}
              onTake={() => void doing(() => call('POST /duties/take', {}, { token, event, role }))}
            />
          ))}
        </>
      )}
      <OwnPresence
        presence={presence}
        dates={dates}
        onChange={next => void doing(() => call('POST /duties/presence', {}, { token, presence: next }))}
      />
      <OwnCalendar token={token} />
      <p className="text-faint pt-4 text-[13px]">
        This page is yours alone: pass its address on to nobody. It is good until{' '}
        {showCalendarDay(ends.slice(0, 10), dates)}.
      </p>
    </EntryPage>
  );
}
