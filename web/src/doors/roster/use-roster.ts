/** The roster of a span of days as it is worked on: what is known, what is drafted, what was found and written. */
import type { EditAnswer } from '@idle-satchel/core/api';
import {
  changesOf,
  draftOf,
  factsOf,
  NO_DRAFT,
  planChangesOf,
  problemOf,
  withoutEvents,
  type Draft,
  type RosterFacts,
} from '@idle-satchel/core/roster-sheet';
import type { Found, Progress, RosterAnswer, RosterWay } from '@idle-satchel/core/searches';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useMemo, useRef, useState } from 'react';
import { wordsOf } from '../../api/client.js';
import { peopleQuery, rosterQuery } from '../../api/queries.js';
import { sendAll, sendChanges } from '../../api/send-edit.js';
import { useKept } from '../../ui/use-kept.js';
import { SearchWorker } from '../../workers/search.js';
import { useLiveList } from '../use-live-list.js';

/** Longest that is looked for, s. */
const SECONDS = 20;
/** Steps of a draft that can be gone back. */
const MOST_STEPS = 50;

/** What was found, and where from. */
interface Looked extends Found<RosterAnswer> {
  readonly of: RosterFacts;
  readonly way: RosterWay;
}

export function useRoster(from: string, to: string) {
  const queries = useQueryClient();
  const span = useQuery(rosterQuery(from, to));
  const people = useQuery(peopleQuery);
  useLiveList(['roster'], ({ document, events }) => document !== undefined || events === true);
  useLiveList(peopleQuery.queryKey, ({ hands }) => hands === true);
  const facts = useMemo(
    () =>
      span.data && people.data ? factsOf(span.data, people.data.people, new Date().toISOString()) : undefined,
    [span.data, people.data],
  );
  const [draft, keepDraft] = useKept<Draft>('roster', NO_DRAFT);
  const [steps, setSteps] = useState<readonly Draft[]>([]);
  const [found, setFound] = useState<Looked>();
  const [progress, setProgress] = useState<Progress>();
  const [problem, setProblem] = useState('');
  const [written, setWritten] = useState<readonly EditAnswer[]>([]);
  const [sending, setSending] = useState(false);
  const worker = useRef<SearchWorker>(undefined);
  const stop = (): void => {
    worker.current?.end();
    worker.current = undefined;
    setProgress(undefined);
  };
  useEffect(() => () => worker.current?.end(), []);
  const setDraft = (next: Draft): void => {
    setSteps(before => [...before.slice(-MOST_STEPS), draft]);
    keepDraft(next);
  };
  const back = (): void => {
    const last = steps.at(-1);
    if (!last) return;
    setSteps(steps.slice(0, -1));
    keepDraft(last);
  };
  const look = async (way: RosterWay): Promise<void> => {
    if (!facts) return;
    stop();
    const own = new SearchWorker();
    worker.current = own;
    setProblem('');
    setProgress({ stage: 'problem', share: 0 });
    try {
      const task = { problem: problemOf(facts, draft), way, seconds: SECONDS };
      const answer = await own.roster(task, step => worker.current === own && setProgress(step));
      if (worker.current !== own) return;
      setFound({ ...answer, of: facts, way });
      if (!answer.answer.conflict) setDraft(draftOf(answer.answer, facts, draft));
    } catch (error) {
      if (worker.current === own) setProblem(wordsOf(error));
    }
    if (worker.current === own) stop();
  };
  /** Does something that changes plans, and looks at them anew. */
  const sent = async (work: () => Promise<void>): Promise<void> => {
    setSending(true);
    setProblem('');
    try {
      await work();
    } catch (error) {
      setProblem(wordsOf(error));
    }
    await queries.invalidateQueries({ queryKey: ['roster'] });
    setSending(false);
  };
  const write = (): Promise<void> =>
    sent(async () => {
      if (!facts) return;
      setWritten(await sendAll('Put people on as the roster has it', planChangesOf(facts, draft)));
      setFound(undefined);
      setSteps([]);
      keepDraft(withoutEvents(draft, facts.lines));
    });
  const undo = (): Promise<void> =>
    sent(async () => {
      for (const { edit, documents } of written.toReversed())
        await sendChanges(
          'Take back what the roster has put on',
          documents.map(({ document, revision: base, inverse: patch }) => ({ document, base, patch })),
          edit,
        );
      setWritten([]);
    });
  return {
    ...{ span, people, facts, draft, setDraft, found, progress, problem, sending },
    ...{ look: (way: RosterWay) => void look(way), stop, write: () => void write() },
    back: steps.length > 0 ? back : undefined,
    undo: written.length > 0 ? () => void undo() : undefined,
    letGo: (): void => facts && setDraft(withoutEvents(draft, facts.lines)),
    changes: useMemo(() => (facts ? changesOf(facts, draft) : []), [facts, draft]),
  };
}
