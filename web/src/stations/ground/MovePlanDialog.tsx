import { answersOf, matchVenues, movedPlan, type Match, type Venue } from '@idle-satchel/core';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { documentQuery, venuesQuery } from '../../api/queries.js';
import { Dialog } from '../../ui/Dialog.js';
import { useEvent, useResult, useStore } from '../../store/hooks.js';

/** Takes this event's plan to another venue: what is matched there, and what is left to choose. */
export default function MovePlanDialog({ onClose }: { onClose: () => void }) {
  const here = useEvent(state => state.ids.venue);
  const [chosen, setChosen] = useState('');
  const venues = useQuery(venuesQuery);
  const there = useQuery({ ...documentQuery(chosen), enabled: chosen !== '' });
  const others = venues.data?.venues.filter(venue => venue.id !== here && !venue.archived) ?? [];
  const problem = venues.error ?? there.error;
  return (
    <Dialog title="Move this plan to another venue" onClose={onClose}>
      <label className="block mb-2">
        Venue
        <select
          className="field w-full"
          value={chosen}
          autoFocus
          onChange={event => setChosen(event.target.value)}
        >
          <option value="">choose one</option>
          {others.map(venue => (
            <option key={venue.id} value={venue.id}>
              {venue.name}
            </option>
          ))}
        </select>
      </label>
      {problem && (
        <p role="alert" className="text-stop">
          {problem.message}
        </p>
      )}
      {venues.data && others.length === 0 && (
        <p className="text-faint">There is no other venue yet: survey one first.</p>
      )}
      {there.data && (
        <Answers key={chosen} there={{ ...there.data, body: there.data.body as Venue }} onClose={onClose} />
      )}
    </Dialog>
  );
}

const WHAT: Readonly<Record<Match['map'], string>> = {
  marks: 'mark',
  sockets: 'mains socket',
  networkSockets: 'network socket',
  areas: 'gallery',
  residents: 'house gear',
  houseLines: 'house line',
};
/** What becomes of something that nothing answers to. */
const LEFT: Readonly<Record<Match['map'], string>> = {
  marks: 'comes along, to be placed',
  sockets: 'none: its leads are listed',
  networkSockets: 'none: its leads are listed',
  areas: 'none: it stands on the ground',
  residents: 'none: ours to bring',
  houseLines: 'none: ours to bring',
};
const BY = { name: 'same name', word: 'a word in common', kind: 'the only one' } as const;

function Answers({
  there,
  onClose,
}: {
  there: { document: string; revision: number; body: Venue };
  onClose: () => void;
}) {
  const store = useStore();
  const { venue: from } = useResult('ground');
  // What nothing answers to comes first, and stays where it is once it is chosen.
  const [matches, setMatches] = useState(() =>
    matchVenues(store.get().bundle.plan, from, there.body).sort(
      (a, b) => Number(a.to !== undefined) - Number(b.to !== undefined),
    ),
  );
  const choose = (changed: Match, to: string): void =>
    setMatches(all =>
      all.map(match =>
        match === changed ? { ...match, to: to === '' ? undefined : to, by: undefined } : match,
      ),
    );
  const open = matches.filter(({ to }) => to === undefined).length;
  const move = (): void => {
    const answers = answersOf(matches);
    const pin = { id: there.document, revision: there.revision };
    const { plan } = store.get().bundle;
    store.patchPlan(`Move to ${there.body.name}`, movedPlan({ plan, from, to: there.body, pin, answers }));
    onClose();
  };
  return (
    <>
      <div className="max-h-[46vh] overflow-auto">
        <table>
          <thead>
            <tr>
              <th>Here</th>
              <th>There</th>
              <th>Matched by</th>
            </tr>
          </thead>
          <tbody>
            {matches.map(match => (
              <tr key={`${match.map} ${match.from}`}>
                <td>
                  {match.label} <span className="text-faint">{WHAT[match.map]}</span>
                </td>
                <td>
                  <select
                    className="field w-full"
                    aria-label={`${match.label}, ${WHAT[match.map]}, is there`}
                    value={match.to ?? ''}
                    onChange={event => choose(match, event.target.value)}
                  >
                    <option value="">{LEFT[match.map]}</option>
                    {match.options.map(([id, label]) => (
                      <option key={id} value={id}>
                        {label}
                      </option>
                    ))}
                  </select>
                </td>
                <td className="text-faint whitespace-nowrap">
                  {match.to === undefined ? 'nothing' : match.by ? BY[match.by] : 'you'}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p className="text-faint py-2">
        {open === 0 ? 'Everything has an answer there.' : `${open} without an answer there.`} Changes this
        event made to the old venue stay behind; everything else comes along. One undo takes it all back.
      </p>
      <p className="text-right">
        <button className="button button-main" onClick={move}>
          Move the plan
        </button>
      </p>
    </>
  );
}
