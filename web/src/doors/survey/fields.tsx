/** Fields of the quick survey. */
import { insideGuesses, SHAPES, showText, type Reading, type ShapeName } from '@idle-satchel/core';
import type { ReactNode } from 'react';
import { zones } from '../../ui/days.js';
import type { Draft, Group } from './draft.js';
import { Sockets } from './openings.js';

/** One number: empty shows the guess that stands in for it. */
export function Field({
  label,
  value,
  guess,
  fault,
  wide = false,
  onChange,
}: {
  label: string;
  value: string;
  /** The number that stands in for it; absent: nothing does, it is then not known. */
  guess?: string;
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
        placeholder={guess === undefined ? 'not measured' : wide ? `e.g. ${guess}` : `guess ${guess}`}
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

/** The mains of the house: their voltage, breakers and sockets. */
export function PowerFields({ draft, faults, onChange }: Group) {
  return (
    <>
      <h3>
        Power
        <span className="float-right">
          <select
            className="field"
            aria-label="Mains"
            value={draft.mains}
            onChange={event => onChange({ mains: event.target.value as Draft['mains'] })}
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
        onChange={breakers => onChange({ breakers })}
      />
      <Sockets draft={draft} faults={faults} onChange={onChange} />
    </>
  );
}

/** A box to tick, and what is asked once it is. */
function Tick({ words, on, onChange }: { words: string; on: boolean; onChange: (on: boolean) => void }) {
  return (
    <label className="flex gap-2 py-1 border-b border-rule">
      <input type="checkbox" checked={on} onChange={event => onChange(event.target.checked)} />
      {words}
    </label>
  );
}

type Typed = 'stageDepth' | 'stageWidth' | 'stageHeight' | 'rows' | 'perRow' | 'rowSpacing' | 'aisle';

/** Makes the field of what is typed under a name of the draft. */
const typedFields =
  ({ draft, faults, onChange }: Group) =>
  (name: Typed, label: string, guess: string): ReactNode => (
    <Field
      label={label}
      fault={faults[name]}
      value={draft[name]}
      guess={guess}
      onChange={text => onChange({ [name]: text })}
    />
  );

/** Whether there is a stage at the front, and how large. */
export function StageFields({ draft, faults, reading, onChange }: Group & { reading: Reading }) {
  const metres = typedFields({ draft, faults, onChange });
  const guessed = insideGuesses(reading.system);
  return (
    <>
      <Tick words="A stage in the east" on={draft.stage} onChange={stage => onChange({ stage })} />
      {draft.stage && (
        <>
          {metres('stageDepth', 'Depth of the stage', showText(guessed.stageDepth, 'm', reading))}
          {metres('stageWidth', 'Width of the stage', 'the hall’s')}
          {metres('stageHeight', 'Height of the stage', showText(guessed.stageHeight, 'm', reading))}
        </>
      )}
    </>
  );
}

/** Whether there are seats: how many rows and chairs, how far apart, and the aisle between them. */
export function SeatFields({ draft, faults, reading, onChange }: Group & { reading: Reading }) {
  const field = typedFields({ draft, faults, onChange });
  const guessed = insideGuesses(reading.system);
  return (
    <>
      <Tick
        words="Seats in two blocks with an aisle between"
        on={draft.seats}
        onChange={seats => onChange({ seats })}
      />
      {draft.seats && (
        <>
          {field('aisle', 'Clear width of the aisle', showText(guessed.aisle, 'm', reading))}
          {field('rows', 'Rows', 'as fit')}
          {field('perRow', 'Chairs in a row, each side', 'as fit')}
          {field('rowSpacing', 'Row to row', showText(guessed.rowSpacing, 'm', reading))}
        </>
      )}
    </>
  );
}

/** What shape it has, and its name. */
export function AboutFields({ draft, onChange }: Group) {
  return (
    <>
      <label className="block py-1">
        <span className="text-faint">Shape</span>
        <select
          className="field w-full"
          autoFocus
          value={draft.shape}
          onChange={event => onChange({ shape: event.target.value as ShapeName, measures: {} })}
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
          onChange={event => onChange({ name: event.target.value })}
        />
      </label>
    </>
  );
}

/** The light where people are filmed, and the clock of the place. */
export function LightAndClock({ draft, faults, onChange }: Group) {
  return (
    <>
      <h3>Light and clock</h3>
      <Field
        label="Light at the faces, upright, lx"
        fault={faults.light}
        value={draft.light}
        onChange={light => onChange({ light })}
      />
      <label className="flex flex-wrap items-baseline gap-x-2 py-1 border-b border-rule">
        <span className="grow">Time zone</span>
        <select
          className="field"
          value={draft.zone}
          onChange={event => onChange({ zone: event.target.value })}
        >
          {zones(draft.zone).map(each => (
            <option key={each}>{each}</option>
          ))}
        </select>
      </label>
    </>
  );
}
