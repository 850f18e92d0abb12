import { ANSWER_WORDS, counted, daysAfter, showCalendarDay, showClock, showDay } from '@idle-satchel/core';
import {
  askingOf,
  openDuties,
  type AskedDuty,
  type Asking,
  type AskingState,
} from '@idle-satchel/core/duties';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'wouter';
import { organisationQuery, peopleQuery, rosterQuery, venuesQuery } from '../../api/queries.js';
import { useMay } from '../../ui/me.js';
import { today } from '../../ui/today.js';
import { Door, Loading } from '../door.js';
import { useLiveList } from '../use-live-list.js';
import { AskDialog } from './AskDialog.js';
import { AskAll } from './AskAll.js';
import { Sent } from './Sent.js';
import { requestsQuery } from './requests-query.js';
import type { Knowing } from './knowing.js';

/** How far ahead people are asked, days. */
const AHEAD = 60;

const STATE_WORDS: Readonly<Record<AskingState, readonly [glyph: string, words: string, tone: string]>> = {
  late: ['◇', 'no answer in time', 'text-risk'],
  'not asked': ['○', 'not asked', ''],
  'would swap': ['◇', ANSWER_WORDS.swap, 'text-risk'],
  waiting: ['…', ANSWER_WORDS.asked, 'text-faint'],
  yes: ['✓', ANSWER_WORDS.yes, 'text-done'],
};

/** Whom the house has asked for what, who is late with an answer, and the messages that ask. */
export function AskingPage() {
  const [from] = useState(today());
  const to = daysAfter(from, AHEAD);
  const span = useQuery(rosterQuery(from, to));
  const people = useQuery(peopleQuery);
  const requests = useQuery(requestsQuery);
  const venues = useQuery(venuesQuery);
  const organisation = useQuery(organisationQuery).data;
  const [asking, setAsking] = useState<Asking>();
  const changes = useMay('change', 'requests');
  useLiveList(['roster'], ({ document, events }) => document !== undefined || events === true);
  const knowing: Knowing = {
    house: organisation?.organisations.find(({ id }) => id === organisation.id)?.name ?? '',
    dates: organisation?.dates,
    sends: requests.data?.sends === true,
    people: new Map(people.data?.people.map(each => [each.id, each])),
    venues: new Map(venues.data?.venues.map(({ id, name }) => [id, name])),
  };
  const all =
    span.data && requests.data
      ? askingOf(span.data.lines, requests.data.replyDays, new Date().toISOString())
      : [];
  const known = all.filter(({ person }) => knowing.people.has(person));
  return (
    <Door
      title="Asking"
      actions={
        <>
          <Link className="link" to="/people/roster">
            Roster
          </Link>
          <Link className="link" to="/people">
            All people
          </Link>
        </>
      }
    >
      <Loading query={span} what="the events" />
      <Loading query={people} what="the people" />
      <Loading query={requests} what="who was asked" />
      {span.data && known.length === 0 && (
        <p className="py-3 text-faint">
          Nobody is put on anything in the next {AHEAD} days. The <Link to="/people/roster">roster</Link> does
          that.
        </p>
      )}
      {known.length > 0 && (
        <>
          <p className="pb-2">
            {summary(known)}. Answers are wanted {counted(requests.data?.replyDays ?? 0, 'day', 'days')}{' '}
            before an event.
          </p>
          {changes && <AskAll all={known} knowing={knowing} />}
          <table>
            <thead>
              <tr>
                <th className="w-44">Name</th>
                <th>Down for</th>
                <th className="w-48">Answer</th>
                {changes && <th className="w-36" />}
              </tr>
            </thead>
            <tbody>
              {known.map(each => (
                <Row
                  key={each.person}
                  asking={each}
                  knowing={knowing}
                  onAsk={changes ? () => setAsking(each) : undefined}
                />
              ))}
            </tbody>
          </table>
        </>
      )}
      {requests.data && <Sent requests={requests.data} knowing={knowing} changes={changes} />}
      {asking && <AskDialog asking={asking} knowing={knowing} onClose={() => setAsking(undefined)} />}
    </Door>
  );
}

function summary(all: readonly Asking[]): string {
  const count = (state: AskingState): number => all.filter(each => each.state === state).length;
  return (Object.keys(STATE_WORDS) as AskingState[])
    .filter(state => count(state) > 0)
    .map(state => `${count(state)} ${STATE_WORDS[state][1]}`)
    .join(' · ');
}

function Row({
  asking,
  knowing: { people, dates },
  onAsk,
}: {
  asking: Asking;
  knowing: Knowing;
  onAsk: (() => void) | undefined;
}) {
  const { person, duties, state, by } = asking;
  const [glyph, words, tone] = STATE_WORDS[state];
  const name = people.get(person)?.name ?? '';
  const open = openDuties(asking).length > 0;
  return (
    <tr>
      <td className="align-top">
        <Link className="link" to={`/people/${person}`}>
          {name}
        </Link>
      </td>
      <td>
        {duties.map(duty => (
          <div key={duty.event}>
            <span className="text-faint">{whenOf(duty, dates)}</span>{' '}
            {duty.roles.map(({ label }) => label).join(', ')}
            {duties.length > 1 && duty.answer && (
              <span className="text-faint"> · {ANSWER_WORDS[duty.answer]}</span>
            )}
          </div>
        ))}
      </td>
      <td className={`align-top ${tone}`}>
        <span aria-hidden>{glyph} </span>
        {words}
        {open && <span className="block text-faint">by {showCalendarDay(by, dates)}</span>}
      </td>
      {onAsk && (
        <td className="align-top">
          {open && (
            <button className="button" aria-label={`${askWord(state)} ${name}`} onClick={onAsk}>
              {askWord(state)} …
            </button>
          )}
        </td>
      )}
    </tr>
  );
}

const askWord = (state: AskingState): string => (state === 'late' || state === 'waiting' ? 'Remind' : 'Ask');

const whenOf = ({ from, to, zone }: AskedDuty, dates: Knowing['dates']): string =>
  `${showDay(from, { zone, dates })}, ${showClock(from, { zone, dates })}–${showClock(to, { zone, dates })}`;
