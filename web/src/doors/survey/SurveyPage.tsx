import { measuresOf, shapeOf, showText, venueFrom, type Measure, type Reading } from '@idle-satchel/core';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { useLocation } from 'wouter';
import { call, wordsOf } from '../../api/client.js';
import { madeOnce } from '../../api/make.js';
import { organisationQuery, venuesQuery } from '../../api/queries.js';
import { Loading } from '../door.js';
import { drawnFrom, emptyDraft, type Draft } from './draft.js';
import { AboutFields, Field, LightAndClock, PowerFields, SeatFields, StageFields } from './fields.js';
import { DoorFields } from './openings.js';
import { SurveyPicture } from './SurveyPicture.js';
import { OWN_ZONE } from '../../ui/days.js';
import { usePageTitle } from '../../ui/page-title.js';
import { useKept } from '../../ui/use-kept.js';
import { GuardedButton } from '../../ui/GuardedButton.js';

/** Quick survey: the numbers of a tape measure on the right, the venue they make on the left. */
export function SurveyPage() {
  const info = useQuery(organisationQuery);
  if (!info.data) return <Loading query={info} what="the house’s units" />;
  return <Survey reading={{ system: info.data.units, zone: 'UTC' }} />;
}

function Survey({ reading }: { reading: Reading }) {
  usePageTitle('Survey a venue');
  const queries = useQueryClient();
  const [, navigate] = useLocation();
  const [draft, setDraft, drop] = useKept<Draft>('survey', emptyDraft(reading.system, OWN_ZONE));
  const change = (part: Partial<Draft>): void => setDraft(before => ({ ...before, ...part }));
  const { survey, faults } = drawnFrom(draft, reading.system);
  const venue = venueFrom(survey);
  const guessed = measuresOf(survey);
  const keep = useMutation({
    mutationFn: () => madeOnce(as => call('POST /venues', { as }, venue)),
    onSuccess: async ({ id }) => {
      await queries.invalidateQueries(venuesQuery);
      drop();
      navigate(`/venues/${id}`);
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
          <AboutFields draft={draft} faults={faults} onChange={change} />
          {shape.measures.filter(each => each.first).map(measure)}
          <Field
            label="Marks, with commas between"
            wide
            value={draft.marks}
            guess="Lectern, Panel 4 seated, Choir 24"
            onChange={marks => change({ marks })}
          />
          <PowerFields draft={draft} faults={faults} onChange={change} />
          {(seated || shape.measures.some(each => !each.first)) && <h3>Inside</h3>}
          {draft.shape === 'hall' && (
            <StageFields draft={draft} faults={faults} reading={reading} onChange={change} />
          )}
          {seated && <SeatFields draft={draft} faults={faults} reading={reading} onChange={change} />}
          {shape.measures.filter(each => !each.first).map(measure)}
          <h3>Doors</h3>
          <DoorFields draft={draft} faults={faults} onChange={change} />
          <LightAndClock draft={draft} faults={faults} onChange={change} />
          {keep.error && (
            <p role="alert" className="text-stop py-2">
              {wordsOf(keep.error)}
            </p>
          )}
          <p className="text-faint text-[13px] py-2">
            What is left empty is guessed, drawn, and listed as a guess until it is measured or confirmed.
          </p>
          <GuardedButton
            className="button button-main"
            why={
              faulty
                ? 'once what is marked red is put right'
                : keep.isPending
                  ? 'it is being kept …'
                  : undefined
            }
          >
            Keep this venue
          </GuardedButton>
        </form>
      </main>
    </div>
  );
}
