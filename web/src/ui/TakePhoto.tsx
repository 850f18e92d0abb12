import { useState } from 'react';
import { messageOf } from '../api/client.js';
import { keepPicture } from '../offline/pictures.js';

/** A photo, taken or chosen: drawn anew without what the file tells, kept on this device until it is sent. */
export function TakePhoto({ words, onPicture }: { words: string; onPicture: (id: string) => void }) {
  const [problem, setProblem] = useState('');
  const [busy, setBusy] = useState(false);
  const take = async (file: File): Promise<void> => {
    setBusy(true);
    setProblem('');
    try {
      const { pictureFrom } = await import('../exchange/picture.js');
      const { bytes } = await pictureFrom(file);
      onPicture(await keepPicture(bytes));
    } catch (error) {
      setProblem(messageOf(error));
    } finally {
      setBusy(false);
    }
  };
  return (
    <>
      <label className="button big cursor-pointer focus-within:outline-2 focus-within:outline-brass">
        {busy ? 'Drawing it …' : words}
        <input
          className="sr-only"
          type="file"
          accept="image/jpeg,image/png"
          capture="environment"
          onChange={event => {
            const [file] = event.target.files ?? [];
            event.target.value = '';
            if (file) void take(file);
          }}
        />
      </label>
      {problem && (
        <span role="alert" className="text-stop">
          {problem}
        </span>
      )}
    </>
  );
}
