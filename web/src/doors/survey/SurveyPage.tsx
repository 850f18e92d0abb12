import {
  measuresOf,
  shapeOf,
  SHAPES,
  showText,
  venueFrom,
  type Measure,
  type Reading,
  type ShapeName,
} from '@idle-satchel/core';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { useNavigate } from 'react-router';
import { call, wordsOf } from '../../api/client.js';
import { organisationQuery, venuesQuery } from '../../api/queries.js';
import { Loading } from '../door.js';
import { drawnFrom, emptyDraft, type Draft } from './draft.js';
import { Field, PowerFields, SeatFields } from './fields.js';
import { SurveyPicture } from './SurveyPicture.js';

/** Quick survey: the numbers of a tape measure on the right, the venue they make on the left. */
export function SurveyPage() {
  const info = useQuery(organisationQuery);
  if (!info.data) return <Loading query={info} what="the house’s units" />;
  return <Survey reading={{ system: info.data.units, zone: 'UTC' }} />;
}

function Survey({ reading }: { reading: Reading }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [draft, setDraft] = useState<Draft>(() => emptyDraft(reading.system));
  const change = (part: Partial<Draft>): void => setDraft(before => ({ ...before, ...part }));
  const { survey, faults } = drawnFrom(draft, reading.system);
  const venue = venueFrom(survey);
  const guessed = measuresOf(survey);
  const keep = useMutation({
    mutationFn: () => call('POST /venues', {}, venue),
    onSuccess: async () => {
      await queries.invalidateQueries(venuesQuery);
      await navigate('/venues');
    },
  });
  const shape = shapeOf(draft.shape);
  const measure = (each: Measure): ReactNode => (
    <Field
      key={each.key}
      label={each.label}
      fault={faults[each.key]}
      value={draft.measures[each.key] ?? ''}
      guess={
        each.unit === 'm'
          ? showText(guessed[each.key] ?? null, 'm', reading)
          : String(guessed[each.key] ?? each.guess)
      }
      onChange={text => change({ measures: { ...draft.measures, [each.key]: text } })}
    />
  );
  const seated = draft.shape === 'hall' || draft.shape === 'nave';
  const faulty = Object.keys(faults).length > 0;
  return (
    <div className="grid grid-cols-[minmax(0,1.87fr)_minmax(340px,1fr)] max-md:grid-cols-1 min-h-0">
      <section aria-label="Picture" className="min-h-0 overflow-hidden max-md:h-72">
        <SurveyPicture venue={venue} reading={reading} />
      </section>
      <main className="overflow-auto px-4 pb-6 pt-3 border-l border-rule">
        <form
          onSubmit={event => {
            event.preventDefault();
            if (!faulty) keep.mutate();
          }}
        >
          <h1 className="mb-2">Survey a venue</h1>
          <label className="block py-1">
            <span className="text-faint">Shape</span>
            <select
              className="field w-full"
              autoFocus
              value={draft.shape}
              onChange={event => change({ shape: event.target.value as ShapeName, measures: {} })}
            >
              {Object.entries(SHAPES).map(([name, { label, words }]) => (
                <option key={name} value={name}>
                  {label} – {words}
                </option>
              ))}
            </select>
          </label>
          <label className="block py-1">
            <span className="text-faint">Name</span>
            <input
              className="field w-full"
              maxLength={80}
              value={draft.name}
              onChange={event => change({ name: event.target.value })}
            />
          </label>
          {shape.measures.filter(each => each.first).map(measure)}
          <Field
            label="Marks, with commas between"
            wide
            value={draft.marks}
            guess="Lectern, Choir, Soloist"
            onChange={marks => change({ marks })}
          />
          <PowerFields draft={draft} faults={faults} onChange={change} />
          {(seated || shape.measures.some(each => !each.first)) && <h3>Inside</h3>}
          {seated && <SeatFields draft={draft} faults={faults} reading={reading} onChange={change} />}
          {shape.measures.filter(each => !each.first).map(measure)}
          {keep.error && (
            <p role="alert" className="text-stop py-2">
              {wordsOf(keep.error)}
            </p>
          )}
          <p className="text-faint text-[13px] py-2">
            What is left empty is guessed, drawn, and listed as a guess until it is measured or confirmed.
          </p>
          <button className="button button-main" disabled={faulty || keep.isPending}>
            Keep this venue
          </button>
        </form>
      </main>
    </div>
  );
}
