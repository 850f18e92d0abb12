import type { PersonLine } from '@idle-satchel/core/api';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Dialog } from '../../ui/Dialog.js';
import { Loading } from '../door.js';
import { ContactForm } from './ContactForm.js';
import { EraseSomebody } from './EraseSomebody.js';
import { KeptOf } from './KeptOf.js';
import { personDataQuery } from './queries.js';

/** How somebody is reached, what is kept of them, and how that is erased. */
export default function PersonDialog({ person, onClose }: { person: PersonLine; onClose: () => void }) {
  const [erasing, setErasing] = useState(false);
  const kept = useQuery(personDataQuery(person.id));
  if (erasing) return <EraseSomebody person={person} onClose={onClose} />;
  return (
    <Dialog title={person.name} onClose={onClose}>
      <ContactForm person={person} onDone={onClose} />
      <h3 className="mt-5 mb-1">What is kept of {person.name}</h3>
      <Loading query={kept} what="what is kept" />
      {kept.data && <KeptOf data={kept.data} name={person.name} />}
      <p className="mt-4">
        <button className="button" onClick={() => setErasing(true)}>
          Erase {person.name} …
        </button>
      </p>
    </Dialog>
  );
}
