import {
  newId,
  showDay,
  showText,
  type BatteryRun,
  type Item,
  type MeasuredThing,
  type Reading,
} from '@idle-satchel/core';
import { useForm } from 'react-hook-form';
import { author } from '../../api/signature.js';
import { asNumber, NumberInput } from '../NumberInput.js';
import type { SaveMeasured } from './MeasuredDialog.js';
import { summaryText } from './MeterReadings.js';
import { NotedLine } from './NotedLine.js';

/** How a battery ran from full, what that says of its health, and one more run. */
export function BatteryRuns({
  battery,
  runs = {},
  reading,
  onSave,
}: {
  battery: NonNullable<MeasuredThing['battery']>;
  runs: Item['runs'];
  reading: Reading;
  onSave: SaveMeasured;
}) {
  return (
    <section aria-label="Battery" className="pt-2">
      <p>
        <b>Health</b>{' '}
        {battery.health
          ? `${summaryText(battery.health, '%', reading)}, from the newest five runs at most`
          : 'not told by any run yet'}
      </p>
      <ul aria-label="Runs">
        {battery.runs.map(({ id, share }) => {
          const run = runs[id];
          if (!run) return null;
          return (
            <NotedLine
              key={id}
              words={[
                `${showDay(run.at, reading)}: ${showText(run.wattHours, 'Wh', reading)} in ${showText(run.minutes, 'min', reading)}`,
                share === undefined
                  ? 'too cold to tell its health'
                  : `${showText(share, '%', reading)} of a new one`,
                run.left === undefined ? '' : `${showText(run.left, '%', reading)} left`,
                run.celsius === undefined ? '' : showText(run.celsius, '°C', reading),
                run.returned === undefined
                  ? ''
                  : `${showText(run.returned, 'Wh', reading)} to charge it again`,
                run.by,
              ]}
              accepted={run.accepted === true}
              onAccept={counts => onSave({ runs: { [id]: { ...run, accepted: counts } } })}
              onDrop={() => onSave({ forgotten: [id] })}
            />
          );
        })}
      </ul>
      <NewRun onAdd={record => void onSave({ runs: { [newId()]: record } })} />
    </section>
  );
}

const FIELDS = [
  { name: 'minutes', label: 'From full, it ran', unit: 'min', min: 1, max: 6000 },
  { name: 'wattHours', label: 'What it gave in that time', unit: 'Wh', min: 0.1, max: 20000 },
  { name: 'left', label: 'Left in it, if it showed that', unit: '%', min: 0, max: 95, optional: true },
  { name: 'celsius', label: 'Air about it, if it was not 20', unit: '°C', min: -20, max: 50, optional: true },
  {
    name: 'returned',
    label: 'To charge it again, if a meter counted that',
    unit: 'Wh',
    min: 0.1,
    max: 40000,
    optional: true,
  },
] as const;

type Typed = Pick<BatteryRun, (typeof FIELDS)[number]['name']>;

function NewRun({ onAdd }: { onAdd: (record: BatteryRun) => void }) {
  const { register, handleSubmit, reset } = useForm<Typed>();
  return (
    <form
      aria-label="One more run"
      className="py-2"
      onSubmit={event =>
        void handleSubmit(typed => {
          const known = Object.fromEntries(Object.entries(typed).filter(([, each]) => each !== undefined));
          onAdd({ ...(known as Typed), at: new Date().toISOString(), by: author() });
          reset();
        })(event)
      }
    >
      {FIELDS.map(({ name, ...field }) => (
        <NumberInput key={name} field={register(name, asNumber)} {...field} />
      ))}
      <button className="button">Note this run</button>
    </form>
  );
}
