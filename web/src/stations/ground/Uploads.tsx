import { memo } from 'react';
import { inOrder, newId, pointerOf, showText, type Operation } from '@idle-satchel/core';
import { Heading } from '../../ledger/Ledger.js';
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
          <span className="grow">
            {new Date(at).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' })}
          </span>
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
      <form
        className="flex gap-2 items-baseline py-1"
        onSubmit={event => {
          event.preventDefault();
          const form = event.currentTarget;
          const up = Number(new FormData(form).get('up'));
          const at = `${new Date().toISOString().slice(0, 19)}Z`;
          edit('Add an upload test', { op: 'add', path: pointerOf('uploads', newId()), value: { at, up } });
          form.reset();
        }}
      >
        <label className="grow">Measured just now, up</label>
        <input
          className="field w-20 text-right"
          name="up"
          type="number"
          step="any"
          min={0}
          max={100000}
          required
          aria-label="Upload measured just now, Mb/s"
        />
        <span className="text-faint">Mb/s</span>
        <button className="link">Add</button>
      </form>
    </>
  );
});
