import {
  inOrder,
  lightPinned,
  mobilePinned,
  notePinned,
  type Operation,
  type Point,
  type Venue,
} from '@idle-satchel/core';
import { useState, type FormEvent, type ReactNode } from 'react';
import { NumberInput, numberOf, textOf } from '../../ledger/NumberInput.js';
import { PhotoField } from '../../stations/ground/PhotoField.js';
import { NotePicture } from '../../stations/ground/NotePicture.js';
import { useStore } from '../../store/hooks.js';

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
      <PinForm
        title="Light here"
        about="Flat sensor at face height, facing where the camera will be."
        onPin={form =>
          keep(
            'Pin a light reading',
            lightPinned(venue, { at: here, taken: instant(), lux: numberOf(form, 'lux') ?? 0 }),
          )
        }
      >
        <NumberInput name="lux" label="Light" unit="lx" max={150000} />
      </PinForm>
      <PinForm
        title="Mobile signal here"
        about="Measured with the phone or stick that will send, at this spot."
        onPin={form => {
          const down = numberOf(form, 'down');
          keep(
            'Pin a mobile reading',
            mobilePinned(venue, {
              at: here,
              taken: instant(),
              operator: textOf(form, 'operator'),
              up: numberOf(form, 'up') ?? 0,
              ...(down === undefined ? {} : { down }),
            }),
          );
        }}
      >
        <label className="flex items-baseline gap-2 py-1">
          <span className="grow">Operator</span>
          <input className="field w-1/2" name="operator" maxLength={60} required pattern=".*\S.*" />
        </label>
        <NumberInput name="up" label="Up" unit="Mb/s" max={100000} />
        <NumberInput name="down" label="Down" unit="Mb/s" max={100000} optional />
      </PinForm>
      <Pinned venue={venue} />
    </>
  );
}

function PinForm({
  title,
  about,
  onPin,
  children,
}: {
  title: string;
  about: string;
  onPin: (form: FormData) => void;
  children: ReactNode;
}) {
  const submit = (event: FormEvent<HTMLFormElement>): void => {
    event.preventDefault();
    onPin(new FormData(event.currentTarget));
    event.currentTarget.reset();
  };
  return (
    <form aria-label={title} onSubmit={submit}>
      <h3>
        <b>{title}</b>
      </h3>
      <p className="text-faint text-[13px]">{about}</p>
      {children}
      <button className="button big">Pin it</button>
    </form>
  );
}

function NoteForm({ onNote }: { onNote: (text: string, picture: string | undefined) => void }) {
  const [text, setText] = useState('');
  const [picture, setPicture] = useState<string>();
  return (
    <form
      aria-label="Note or photo here"
      onSubmit={event => {
        event.preventDefault();
        onNote(text, picture);
        setText('');
        setPicture(undefined);
      }}
    >
      <h3>
        <b>Note or photo here</b>
      </h3>
      <textarea
        className="field w-full border border-rule"
        aria-label="Note"
        rows={2}
        maxLength={1000}
        value={text}
        onChange={event => setText(event.target.value)}
      />
      {picture !== undefined && <NotePicture id={picture} />}
      <p className="flex gap-3 items-center pt-1">
        <PhotoField words={picture === undefined ? 'Take a photo' : 'Take another'} onPicture={setPicture} />
        <button className="button big" disabled={text.trim() === '' && picture === undefined}>
          Pin it
        </button>
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
