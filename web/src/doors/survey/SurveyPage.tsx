import {
  AISLE_GUESS,
  measuresOf,
  shapeOf,
  SHAPES,
  showText,
  venueFrom,
  WALLS,
  type Measure,
  type Reading,
  type ShapeName,
  type Wall,
} from '@idle-satchel/core';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { useNavigate } from 'react-router';
import { ApiProblem, call, type OrganisationInfo } from '../../api/client.js';
import { Loading } from '../door.js';
import { drawnFrom, emptyDraft, type Draft, type SocketDraft } from './draft.js';
import { SurveyPicture } from './SurveyPicture.js';

/** Quick survey: the numbers of a tape measure on the right, the venue they make on the left. */
export function SurveyPage() {
  const info = useQuery({
    queryKey: ['organisation'],
    queryFn: () => call<OrganisationInfo>('/organisation'),
  });
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
    mutationFn: () => call<{ id: string }>('/venues', 'POST', venue),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: ['venues'] });
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
          <h3>
            Power
            <span className="float-right">
              <select
                className="field"
                aria-label="Mains"
                value={draft.mains}
                onChange={event => change({ mains: event.target.value as Draft['mains'] })}
              >
                <option value="230/50">230 V, 50 Hz</option>
                <option value="120/60">120 V, 60 Hz</option>
              </select>
            </span>
          </h3>
          <Field
            label="Breakers, A each"
            fault={faults.breakers}
            value={draft.breakers}
            guess="16 16"
            onChange={breakers => change({ breakers })}
          />
          <Sockets draft={draft} faults={faults} onChange={sockets => change({ sockets })} />
          {(seated || shape.measures.some(each => !each.first)) && <h3>Inside</h3>}
          {seated && (
            <>
              <label className="flex gap-2 py-1 border-b border-rule">
                <input
                  type="checkbox"
                  checked={draft.seats}
                  onChange={event => change({ seats: event.target.checked })}
                />
                Seats in two blocks with an aisle between
              </label>
              {draft.seats && (
                <Field
                  label="Clear width of the aisle"
                  fault={faults.aisle}
                  value={draft.aisle}
                  guess={showText(AISLE_GUESS, 'm', reading)}
                  onChange={aisle => change({ aisle })}
                />
              )}
            </>
          )}
          {shape.measures.filter(each => !each.first).map(measure)}
          {keep.error && (
            <p role="alert" className="text-stop py-2">
              {keep.error instanceof ApiProblem ? keep.error.lines.join(' · ') : keep.error.message}
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

/** One number: empty shows the guess that stands in for it. */
function Field({
  label,
  value,
  guess,
  fault,
  wide = false,
  onChange,
}: {
  label: string;
  value: string;
  guess: string;
  fault?: string | undefined;
  wide?: boolean;
  onChange: (text: string) => void;
}) {
  return (
    <label className="flex flex-wrap items-baseline gap-x-2 py-1 border-b border-rule">
      <span className="grow">{label}</span>
      <input
        className={`field ${wide ? 'w-full' : 'w-32 text-right'} placeholder:text-faint placeholder:italic`}
        value={value}
        placeholder={wide ? `e.g. ${guess}` : `guess ${guess}`}
        aria-invalid={fault !== undefined}
        onChange={event => onChange(event.target.value)}
      />
      {fault && (
        <span role="alert" className="w-full text-right text-stop text-[13px]">
          {fault}
        </span>
      )}
    </label>
  );
}

function Sockets({
  draft: { sockets },
  faults,
  onChange,
}: {
  draft: Draft;
  faults: Readonly<Record<string, string>>;
  onChange: (sockets: readonly SocketDraft[]) => void;
}) {
  const edit = (at: number, part: Partial<SocketDraft>): void =>
    onChange(sockets.map((socket, i) => (i === at ? { ...socket, ...part } : socket)));
  return (
    <>
      {sockets.map(({ wall, along, circuit }, i) => (
        <div key={i} className="flex flex-wrap items-baseline gap-x-2 py-1 border-b border-rule">
          <select
            className="field"
            aria-label={`Wall of socket ${i + 1}`}
            value={wall}
            onChange={event => edit(i, { wall: event.target.value as Wall })}
          >
            {WALLS.map(each => (
              <option key={each} value={each}>
                {each} wall
              </option>
            ))}
          </select>
          <label className="text-faint">
            from {wall === 'north' || wall === 'south' ? 'west' : 'north'}{' '}
            <input
              className="field w-16 text-right text-ink placeholder:text-faint placeholder:italic"
              aria-label={`Place of socket ${i + 1}`}
              placeholder="guess"
              value={along}
              aria-invalid={faults[`along ${i}`] !== undefined}
              onChange={event => edit(i, { along: event.target.value })}
            />
          </label>
          <label className="text-faint">
            breaker{' '}
            <input
              className="field w-9 text-right text-ink"
              aria-label={`Breaker of socket ${i + 1}`}
              value={circuit}
              aria-invalid={faults[`circuit ${i}`] !== undefined}
              onChange={event => edit(i, { circuit: event.target.value })}
            />
          </label>
          <button
            type="button"
            className="link ml-auto"
            aria-label={`Drop socket ${i + 1}`}
            onClick={() => onChange(sockets.filter((_, at) => at !== i))}
          >
            Drop
          </button>
          {(faults[`along ${i}`] ?? faults[`circuit ${i}`]) && (
            <span role="alert" className="w-full text-right text-stop text-[13px]">
              {faults[`along ${i}`] ?? faults[`circuit ${i}`]}
            </span>
          )}
        </div>
      ))}
      <button
        type="button"
        className="link my-1"
        onClick={() => onChange([...sockets, { wall: 'north', along: '', circuit: '1' }])}
      >
        Add a socket
      </button>
    </>
  );
}
