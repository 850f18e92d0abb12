import {
  inOrder,
  lightPinned,
  mobilePinned,
  notePinned,
  type Operation,
  type Point,
  type Venue,
} from '@idle-satchel/core';
import type { ReactNode } from 'react';
import { useForm, useWatch, type FieldValues, type UseFormRegister } from 'react-hook-form';
import { asNumber, NumberInput } from '../../ledger/NumberInput.js';
import { PhotoField } from '../../stations/ground/PhotoField.js';
import { NotePicture } from '../../stations/ground/NotePicture.js';
import { useStore } from '../../store/hooks.js';
import { GuardedButton } from '../../ui/GuardedButton.js';

const instant = (): string => `${new Date().toISOString().slice(0, 19)}Z`;

/** What is seen and measured where one stands: a note with a photo, the light, the signal of a mobile operator. */
export function PinHere({ venue, here }: { venue: Venue; here: Point | undefined }) {
  const store = useStore();
  if (!here)
    return <p className="py-3">Tap the plan where you stand; notes, photos and readings go there.</p>;
  const keep = (label: string, patch: Operation[]): void => store.editVenue(label, patch);
  return (
    <>
      <NoteForm
        onNote={(text, picture) =>
          keep(
            'Pin a note',
            notePinned(venue, {
              at: here,
              taken: instant(),
              text,
              ...(picture === undefined ? {} : { picture }),
            }),
          )
        }
      />
      <PinForm<{ lux: number }>
        title="Light here"
        about="Flat sensor at face height, facing where the camera will be."
        onPin={({ lux }) =>
          keep('Pin a light reading', lightPinned(venue, { at: here, taken: instant(), lux }))
        }
      >
        {register => <NumberInput field={register('lux', asNumber)} label="Light" unit="lx" max={150000} />}
      </PinForm>
      <PinForm<{ operator: string; up: number; down?: number }>
        title="Mobile signal here"
        about="Measured with the phone or stick that will send, at this spot."
        onPin={({ operator, up, down }) =>
          keep(
            'Pin a mobile reading',
            mobilePinned(venue, {
              at: here,
              taken: instant(),
              operator,
              up,
              ...(down === undefined ? {} : { down }),
            }),
          )
        }
      >
        {register => (
          <>
            <label className="flex items-baseline gap-2 py-1">
              <span className="grow">Operator</span>
              <input
                className="field w-1/2"
                {...register('operator')}
                maxLength={60}
                required
                pattern=".*\S.*"
              />
            </label>
            <NumberInput field={register('up', asNumber)} label="Up" unit="Mb/s" max={100000} />
            <NumberInput field={register('down', asNumber)} label="Down" unit="Mb/s" max={100000} optional />
          </>
        )}
      </PinForm>
      <Pinned venue={venue} />
    </>
  );
}

function PinForm<Reading extends FieldValues>({
  title,
  about,
  onPin,
  children,
}: {
  title: string;
  about: string;
  onPin: (reading: Reading) => void;
  children: (register: UseFormRegister<Reading>) => ReactNode;
}) {
  const { register, handleSubmit, reset } = useForm<Reading>();
  const submit = handleSubmit(reading => {
    onPin(reading);
    reset();
  });
  return (
    <form aria-label={title} onSubmit={event => void submit(event)}>
      <h3>
        <b>{title}</b>
      </h3>
      <p className="text-faint text-[13px]">{about}</p>
      {children(register)}
      <button className="button big">Pin it</button>
    </form>
  );
}

interface Note {
  text: string;
  picture?: string | undefined;
}

function NoteForm({ onNote }: { onNote: (text: string, picture: string | undefined) => void }) {
  const { register, handleSubmit, reset, setValue, control } = useForm<Note>({ defaultValues: { text: '' } });
  const { text = '', picture } = useWatch({ control });
  const submit = handleSubmit(note => {
    onNote(note.text, note.picture);
    reset();
  });
  return (
    <form aria-label="Note or photo here" onSubmit={event => void submit(event)}>
      <h3>
        <b>Note or photo here</b>
      </h3>
      <textarea
        className="field w-full border border-rule"
        aria-label="Note"
        rows={2}
        maxLength={1000}
        {...register('text')}
      />
      {picture !== undefined && <NotePicture id={picture} />}
      <p className="flex gap-3 items-center pt-1">
        <PhotoField
          words={picture === undefined ? 'Take a photo' : 'Take another'}
          onPicture={id => setValue('picture', id)}
        />
        <GuardedButton
          className="button big"
          why={text.trim() === '' && picture === undefined ? 'write a note or take a photo' : undefined}
        >
          Pin it
        </GuardedButton>
      </p>
      <p className="text-faint text-[13px] pt-1">
        People in a photo have not been asked: photograph sockets, stairs and doors without them.
      </p>
    </form>
  );
}

/** What has been pinned, newest first. */
function Pinned({ venue }: { venue: Venue }) {
  const store = useStore();
  const notes = [...inOrder(venue.notes)].sort(([, a], [, b]) =>
    (a.taken ?? '') < (b.taken ?? '') ? 1 : -1,
  );
  if (notes.length === 0) return null;
  return (
    <section aria-label="Pinned so far">
      <h3>
        <b>Pinned so far</b>
      </h3>
      {notes.map(([id, { label, text, picture }]) => (
        <div key={id} className="py-2 border-b border-rule">
          <p className="flex gap-3">
            <span className="grow whitespace-pre-wrap">{text ?? label}</span>
            <button
              className="link big"
              aria-label={`Drop ${label}`}
              onClick={() => store.editVenue(`Drop ${label}`, [{ op: 'remove', path: `/notes/${id}` }])}
            >
              Drop
            </button>
          </p>
          {picture !== undefined && <NotePicture id={picture} />}
        </div>
      ))}
    </section>
  );
}
