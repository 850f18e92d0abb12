import { useState } from 'react';
import { usePicture } from '../../offline/pictures.js';

/** A photo beside a note; a click shows it as large as it is. */
export function NotePicture({ id }: { id: string }) {
  const { address, refused } = usePicture(id);
  const [missing, setMissing] = useState('');
  if (!address) return null;
  if (missing === address) return <p className="text-faint">The photo has not arrived here yet.</p>;
  return (
    <>
      <a href={address} target="_blank" rel="noreferrer" aria-label="The photo, as large as it is">
        <img
          className="max-h-48 max-w-full my-1"
          src={address}
          alt="What the note is about"
          onError={() => setMissing(address)}
        />
      </a>
      {refused !== undefined && <p className="text-risk">◇ Only on this device: {refused}</p>}
    </>
  );
}
