import { newId } from '@idle-satchel/core';
import type { ItemFields, ItemLine } from '@idle-satchel/core/api';
import { useState } from 'react';
import { addressOf, sendFile, wordsOf } from '../../api/client.js';

/** A picture of the thing; nothing of the file but its pixels is kept, so that no place goes along with it. */
export function ItemPhoto({
  item,
  onChange,
}: {
  item: ItemLine;
  onChange: (fields: ItemFields) => Promise<void>;
}) {
  const [problem, setProblem] = useState('');
  const [busy, setBusy] = useState(false);
  const take = async (file: File): Promise<void> => {
    setProblem('');
    setBusy(true);
    try {
      const { pictureFrom } = await import('../../exchange/picture.js');
      const { bytes } = await pictureFrom(file);
      const id = newId();
      await sendFile('PUT /pictures/:id', { id }, bytes);
      await onChange({ photo: id });
    } catch (error) {
      setProblem(wordsOf(error));
    } finally {
      setBusy(false);
    }
  };
  return (
    <section aria-label="Photo" className="pt-3">
      <h2>Photo</h2>
      {item.photo !== undefined && (
        <img
          className="max-h-52 border border-rule my-1"
          src={addressOf('GET /pictures/:id', { id: item.photo })}
          alt={`Photo of ${item.tape}`}
        />
      )}
      <p className="flex gap-3 items-baseline">
        <label>
          <span className="text-faint">{item.photo === undefined ? 'Add one ' : 'Another '}</span>
          <input
            type="file"
            accept="image/*"
            disabled={busy}
            onChange={event => {
              const file = event.target.files?.[0];
              if (file) void take(file);
            }}
          />
        </label>
        {item.photo !== undefined && (
          <button className="link" onClick={() => void onChange({ cleared: ['photo'] })}>
            Take out
          </button>
        )}
      </p>
      <p role="status" className={problem ? 'text-stop' : 'text-faint'}>
        {problem || (busy && 'Keeping it …')}
      </p>
    </section>
  );
}
