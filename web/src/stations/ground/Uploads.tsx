import { memo } from 'react';
import { useForm } from 'react-hook-form';
import { inOrder, newId, pointerOf, showDayAndClock, showText, type Operation } from '@idle-satchel/core';
import { fromField } from '../../ui/days.js';
import { Heading } from '../../ledger/Ledger.js';
import { asNumber, NumberInput } from '../../ledger/NumberInput.js';
import { useReading, useResult, useStore } from '../../store/hooks.js';

/** Measured uploads over the venue’s line, newest first, and a form for the one just measured. */
export const Uploads = memo(function Uploads() {
  const store = useStore();
  const reading = useReading();
  const { venue } = useResult('ground');
  const tests = [...inOrder(venue.uploads)].sort(([, a], [, b]) => (a.at < b.at ? 1 : -1));
  const edit = (words: string, operation: Operation): void => store.editVenue(words, [operation]);
  return (
    <>
      <Heading>Upload measured here</Heading>
      {tests.map(([id, { at, up, down }]) => (
        <p key={id} className="flex gap-2 py-1 border-b border-rule">
          <span className="grow">{showDayAndClock(at, reading)}</span>
          <span>
            {showText(up, 'Mb/s', reading)} up
            {down === undefined ? '' : `, ${showText(down, 'Mb/s', reading)} down`}
          </span>
          <button
            className="link"
            aria-label={`Drop the upload test of ${at.slice(0, 16)}`}
            onClick={() => edit('Drop an upload test', { op: 'remove', path: pointerOf('uploads', id) })}
          >
            Drop
          </button>
        </p>
      ))}
      <UploadForm
        onTest={value =>
          edit('Add an upload test', { op: 'add', path: pointerOf('uploads', newId()), value })
        }
      />
    </>
  );
});

/** Fastest line that can be entered, Mb/s. */
const FASTEST = 100000;

interface Test {
  up: number;
  down?: number;
  at: string;
}

/** The test just measured, or one that was noted before. */
function UploadForm({ onTest }: { onTest: (test: { at: string; up: number; down?: number }) => void }) {
  const { zone } = useReading();
  const { register, handleSubmit, reset } = useForm<Test>();
  const submit = handleSubmit(({ up, down, at: typed }) => {
    const at = fromField(typed, zone) ?? new Date().toISOString();
    onTest({ at: `${at.slice(0, 19)}Z`, up, ...(down === undefined ? {} : { down }) });
    reset();
  });
  return (
    <form className="py-1" aria-label="Upload measured" onSubmit={event => void submit(event)}>
      <NumberInput
        field={register('up', asNumber)}
        label="Measured, up"
        about="Upload measured"
        unit="Mb/s"
        max={FASTEST}
      />
      <NumberInput
        field={register('down', asNumber)}
        label="Down, if measured"
        about="Download measured"
        unit="Mb/s"
        max={FASTEST}
        optional
      />
      <label className="flex gap-2 items-baseline py-0.5">
        <span className="grow">When, if not just now</span>
        <input className="field" type="datetime-local" {...register('at')} />
      </label>
      <button className="button big">Add</button>
    </form>
  );
}
