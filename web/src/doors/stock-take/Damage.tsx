import type { SeenThing } from '@idle-satchel/core/stock-take';
import { useState } from 'react';
import { author } from '../../api/signature.js';
import { usePicture } from '../../offline/pictures.js';
import { GuardedButton } from '../../ui/GuardedButton.js';
import { TakePhoto } from '../../ui/TakePhoto.js';

/** What is damaged, in words, with a photo if one likes. */
export function Damage({
  tape,
  noted,
  onDamage,
}: {
  tape: string;
  noted: SeenThing['damage'];
  onDamage: (damage: NonNullable<SeenThing['damage']>) => void;
}) {
  const [what, setWhat] = useState(noted?.what ?? '');
  const [photo, setPhoto] = useState(noted?.photo);
  return (
    <form
      aria-label={`Damage of ${tape}`}
      className="pb-2"
      onSubmit={event => {
        event.preventDefault();
        onDamage({
          ...{ at: noted?.at ?? new Date().toISOString(), what: what.trim(), by: noted?.by ?? author() },
          ...(photo !== undefined && { photo }),
        });
      }}
    >
      <input
        className="field w-full"
        aria-label={`What is damaged on ${tape}`}
        placeholder="What is damaged"
        maxLength={200}
        value={what}
        onChange={event => setWhat(event.target.value)}
      />
      <p className="flex flex-wrap gap-3 items-center pt-1">
        {photo !== undefined && <Photo id={photo} of={tape} />}
        <TakePhoto words={photo === undefined ? 'Take a photo' : 'Take another'} onPicture={setPhoto} />
        <GuardedButton className="button big" why={what.trim() === '' ? 'say what is damaged' : undefined}>
          Note it
        </GuardedButton>
      </p>
    </form>
  );
}

function Photo({ id, of }: { id: string; of: string }) {
  const { address } = usePicture(id);
  return address === '' ? null : <img src={address} alt={`Damage of ${of}`} className="max-h-24" />;
}
