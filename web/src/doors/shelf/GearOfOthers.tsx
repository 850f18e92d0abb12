import { counted } from '@idle-satchel/core';
import type { GearTaken } from '@idle-satchel/core/api';
import { useEffect, useState } from 'react';
import { sendFile, wordsOf } from '../../api/client.js';
import type { Done } from './use-shelf.js';

/** A file of gear of another house: what it would bring, and as whose. */
export default function GearOfOthers({
  file,
  onTaken,
  onAway,
}: {
  file: File;
  onTaken: (done: Done) => void;
  onAway: () => void;
}) {
  const [told, setTold] = useState<GearTaken>();
  const [problem, setProblem] = useState('');
  const [busy, setBusy] = useState(false);
  useEffect(() => {
    let wanted = true;
    sendFile('POST /shelf/gear', { dry: 'yes' }, file, 'application/json').then(
      each => wanted && setTold(each),
      (error: unknown) => wanted && setProblem(wordsOf(error)),
    );
    return () => {
      wanted = false;
    };
  }, [file]);
  const take = (as: 'borrowed' | 'ours'): void => {
    setBusy(true);
    setProblem('');
    sendFile('POST /shelf/gear', { as }, file, 'application/json')
      .then(({ items, kinds, change }) => {
        const words = `${counted(items, 'thing', 'things')} and ${counted(kinds, 'new kind', 'new kinds')} are taken over.`;
        onTaken({ words, ...(change !== null && { change }) });
      })
      .catch((error: unknown) => setProblem(wordsOf(error)))
      .finally(() => setBusy(false));
  };
  return (
    <section aria-label="Gear of another house">
      <h3>{file.name}</h3>
      {problem && (
        <p role="alert" className="text-stop whitespace-pre-wrap">
          {problem}
        </p>
      )}
      {!told && !problem && <p className="text-faint">Reading the file …</p>}
      {told && (
        <>
          <p>
            Gear of {told.organisation}: {counted(told.items, 'thing', 'things')} and{' '}
            {counted(told.kinds, 'kind that is', 'kinds that are')} new here.
          </p>
          {told.there.length > 0 && (
            <p className="text-risk">
              Left out, since their tape codes are on the shelf:{' '}
              {told.there.map(({ tape }) => tape).join(', ')}.
            </p>
          )}
          {told.items + told.kinds > 0 && (
            <p className="flex flex-wrap gap-3 pt-2">
              <button className="button button-main" disabled={busy} onClick={() => take('borrowed')}>
                Take it over as borrowed from them
              </button>
              <button className="button" disabled={busy} onClick={() => take('ours')}>
                Take it over as our own
              </button>
            </p>
          )}
        </>
      )}
      <button className="link pt-2" onClick={onAway}>
        Another file
      </button>
    </section>
  );
}
