import {
  newId,
  showDay,
  showText,
  type MeasuredThing,
  type MeasuredState,
  type MeterReading,
  type Reading,
  type Summary,
} from '@idle-satchel/core';
import { useForm } from 'react-hook-form';
import { author } from '../../api/signature.js';
import { asNumber, NumberInput } from '../NumberInput.js';
import { NotedLine } from './NotedLine.js';
import type { SaveMeasured } from './MeasuredDialog.js';

/** How many, their mean, and how far they spread. */
export function summaryText({ n, mean, spread }: Summary, unit: 'W' | '%', reading: Reading): string {
  const apart = spread === undefined ? '' : ` ± ${showText(spread, unit, reading)}`;
  return `${showText(mean, unit, reading)}${apart} (${n} ${n === 1 ? 'reading' : 'readings'})`;
}

/** What a meter showed, state by state, beside the book; and one more reading. */
export function MeterReadings({
  states,
  readings,
  supplies,
  reading,
  onSave,
}: {
  states: readonly MeasuredState[];
  readings: MeasuredThing['readings'];
  supplies: boolean;
  reading: Reading;
  onSave: SaveMeasured;
}) {
  const labels = new Map(states.map(({ state, label }) => [state, label]));
  return (
    <section aria-label="Watts">
      <table>
        <thead>
          <tr>
            <th>State</th>
            <th>This one</th>
            <th>All of its kind</th>
            <th>Book</th>
          </tr>
        </thead>
        <tbody>
          {states.map(({ state, label, own, kind, book }) => (
            <tr key={state}>
              <td>{label}</td>
              <td>{own ? summaryText(own, 'W', reading) : '–'}</td>
              <td>{kind ? summaryText(kind, 'W', reading) : '–'}</td>
              <td>{book === undefined ? '–' : showText(book, 'W', reading)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <ul aria-label="Readings">
        {readings.map(([id, noted]) => (
          <NotedLine
            key={id}
            words={[
              `${showDay(noted.at, reading)}: ${(labels.get(noted.state) ?? noted.state).toLowerCase()}, ${showText(noted.watts, 'W', reading)}`,
              noted.factor === undefined ? '' : `power factor ${showText(noted.factor, '', reading)}`,
              noted.by,
            ]}
            accepted={noted.accepted === true}
            onAccept={counts => onSave({ meter: { [id]: { ...noted, accepted: counts } } })}
            onDrop={() => onSave({ forgotten: [id] })}
          />
        ))}
      </ul>
      <NewReading
        states={states}
        supplies={supplies}
        onAdd={record => void onSave({ meter: { [newId()]: record } })}
      />
    </section>
  );
}

function NewReading({
  states,
  supplies,
  onAdd,
}: {
  states: readonly MeasuredState[];
  supplies: boolean;
  onAdd: (record: MeterReading) => void;
}) {
  const { register, handleSubmit, reset } = useForm<Pick<MeterReading, 'state' | 'watts' | 'factor'>>({
    defaultValues: { state: 'working' },
  });
  return (
    <form
      aria-label="One more reading"
      className="py-2"
      onSubmit={event =>
        void handleSubmit(({ state, watts, factor }) => {
          const at = new Date().toISOString();
          onAdd({ at, state, watts, by: author(), ...(factor !== undefined && { factor }) });
          reset({ state });
        })(event)
      }
    >
      {supplies && (
        <p className="text-faint">
          Measure it with nothing on its outlets: what hangs there is counted by itself.
        </p>
      )}
      <label className="flex gap-2 py-0.5 items-baseline">
        <span className="grow">What it does just then</span>
        <select className="field" {...register('state')}>
          {states.map(({ state, label }) => (
            <option key={state} value={state}>
              {label}
            </option>
          ))}
        </select>
      </label>
      <NumberInput field={register('watts', asNumber)} label="The meter shows" unit="W" max={20000} />
      <NumberInput
        field={register('factor', asNumber)}
        label="Power factor, if it shows that"
        unit=""
        min={0.1}
        max={1}
        optional
      />
      <button className="button">Note this reading</button>
    </form>
  );
}
