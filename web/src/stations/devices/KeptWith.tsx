import {
  idFrom,
  inOrder,
  LARGEST_FILE,
  newestSettings,
  newId,
  orderAfter,
  type Device,
} from '@idle-satchel/core';
import { useState } from 'react';
import { addressOf, messageOf, sendFile } from '../../api/client.js';
import { ChoiceField, FlagField } from '../../ledger/ChoiceField.js';
import { FileLink } from '../../ledger/FileLink.js';
import { TextField } from '../../ledger/TextField.js';
import { usePicture } from '../../offline/pictures.js';
import { usePlan, useStore } from '../../store/hooks.js';
import { PhotoField } from '../ground/PhotoField.js';
import { AfterUse } from './AfterUse.js';
import { Knobs } from './Knobs.js';

const MB = 1024 * 1024;

/** What is kept with a thing, whether it worked here, and what came of its kind. */
export default function KeptWith({ id, device }: { id: string; device: Device }) {
  return (
    <>
      <Kept id={id} device={device} />
      {!device.resident && <AfterUse device={device} />}
    </>
  );
}

/** What is kept with a thing: settings files by version, its buttons, its photo, and what its journey asks for. */
function Kept({ id, device }: { id: string; device: Device }) {
  const store = useStore();
  const devices = usePlan(plan => plan.devices);
  return (
    <details className="py-2">
      <summary className="cursor-pointer">{keptWords(device)}</summary>
      <FlagField
        label="It comes off for travel, and goes on again there"
        value={device.comesOff === true}
        onCommit={on =>
          store.editPlan(`Travel of ${device.label}`, plan =>
            plan.set('devices', id, 'comesOff', on || undefined),
          )
        }
      />
      <ChoiceField<string>
        label="It rides in one case with"
        none="anything"
        value={device.ridesWith}
        options={inOrder(devices).flatMap(([other, each]) =>
          other === id ? [] : [[other, each.label] as const],
        )}
        onCommit={other =>
          store.editPlan(`Travel of ${device.label}`, plan => plan.set('devices', id, 'ridesWith', other))
        }
      />
      <Looks id={id} device={device} />
      <Knobs id={id} device={device} />
      <Settings id={id} device={device} />
      <Buttons id={id} device={device} />
      <p className="py-1 flex flex-wrap gap-3 items-center">
        {device.photo !== undefined && <Photo id={device.photo} label={device.label} />}
        <PhotoField
          words={device.photo === undefined ? 'Add a photo' : 'Another photo'}
          onPicture={picture =>
            store.editPlan(`Photo of ${device.label}`, plan => plan.set('devices', id, 'photo', picture))
          }
        />
      </p>
    </details>
  );
}

/** How much is kept with it, for whoever does not open it. */
function keptWords({ settings, knobs, afterTransport, buttons, photo, comesOff }: Device): string {
  const [files, looks] = [newestSettings(settings).length, inOrder(afterTransport).length];
  const noted = inOrder(knobs).length;
  const kept = [
    ...(noted > 0 ? [noted === 1 ? '1 knob' : `${noted} knobs`] : []),
    ...(files > 0 ? [files === 1 ? '1 settings file' : `${files} settings files`] : []),
    ...(looks > 0 ? [looks === 1 ? '1 look on arrival' : `${looks} looks on arrival`] : []),
    ...(buttons === undefined ? [] : ['its buttons']),
    ...(photo === undefined ? [] : ['a photo']),
    ...(comesOff === true ? ['it comes off for travel'] : []),
  ];
  return `Settings, buttons, travel: ${kept.length === 0 ? 'nothing kept' : kept.join(', ')}`;
}

const next = (records: Readonly<Record<string, { readonly order: string }>> | undefined): string =>
  orderAfter(inOrder(records).at(-1)?.[1].order);

function Photo({ id, label }: { id: string; label: string }) {
  const { address } = usePicture(id);
  return address === '' ? null : <img src={address} alt={label} className="max-h-32" />;
}

/** What to look at when it arrives. */
function Looks({ id, device: { label, afterTransport } }: { id: string; device: Device }) {
  const store = useStore();
  const looks = inOrder(afterTransport);
  return (
    <>
      {looks.map(([key, { look }]) => (
        <p key={key} className="flex gap-2 py-0.5 border-b border-rule">
          <span className="grow">After its journey: {look}</span>
          <button
            className="link"
            aria-label={`No longer: ${look}`}
            onClick={() =>
              store.editPlan(`After the journey of ${label}`, plan =>
                plan.drop('devices', id, 'afterTransport', key),
              )
            }
          >
            take out
          </button>
        </p>
      ))}
      <p className="text-faint text-[13px] pt-1">Look at this when it arrives:</p>
      <TextField
        key={looks.length}
        label={`What to look at when ${label} arrives`}
        value=""
        max={120}
        onCommit={look => {
          const order = next(afterTransport);
          store.editPlan(`After the journey of ${label}`, plan =>
            plan.put('devices', id, 'afterTransport', idFrom(`look ${newId()}`), { order, look }),
          );
        }}
      />
    </>
  );
}

/** Its settings files: the newest of each to be saved, and a new version of one, or another one, to be kept. */
function Settings({ id, device: { label, settings } }: { id: string; device: Device }) {
  const store = useStore();
  const [problem, setProblem] = useState('');
  const newest = newestSettings(settings);
  const keep = async (file: File, what: string): Promise<void> => {
    setProblem('');
    if (file.size > LARGEST_FILE || file.size === 0) {
      const size = `${(file.size / MB).toFixed(1)} MB`;
      setProblem(
        file.size === 0 ? `${file.name} is empty.` : `${file.name} has ${size}; at most 20 MB are kept.`,
      );
      return;
    }
    try {
      const kept = newId();
      await sendFile('PUT /files/:id', { id: kept }, file, 'application/octet-stream');
      const version = (newest.find(each => each.label === what)?.version ?? 0) + 1;
      store.editPlan(`${what} of ${label}, version ${version}`.slice(0, 80), plan =>
        plan.put('devices', id, 'settings', kept, {
          ...{ order: next(settings), label: what, version, file: kept },
          ...{ name: file.name.slice(0, 120), bytes: file.size, at: new Date().toISOString() },
        }),
      );
    } catch (error) {
      setProblem(messageOf(error));
    }
  };
  return (
    <section aria-label={`Settings of ${label}`} className="py-1">
      {newest.map(({ label: what, version, file, name, bytes }) => (
        <p key={what} className="flex flex-wrap gap-2 py-0.5 items-baseline">
          <span className="grow">
            {what}, version {version} <span className="text-faint">{(bytes / 1024).toFixed(0)} kB</span>
          </span>
          <FileLink className="link" address={addressOf('GET /files/:id', { id: file })} as={name}>
            {name}
          </FileLink>
          <FileChoice
            words="New version"
            label={`New version of ${what}`}
            onFile={each => void keep(each, what)}
          />
        </p>
      ))}
      <FileChoice
        words="Keep a settings file"
        label={`Keep a settings file with ${label}`}
        onFile={each => void keep(each, each.name.replace(/\.[^.]*$/, '').slice(0, 60) || 'Settings')}
      />
      {problem && (
        <p role="alert" className="text-stop">
          {problem}
        </p>
      )}
      <p className="text-faint text-[13px]">
        No keys or passwords in it: whoever may open this event can save it.
      </p>
    </section>
  );
}

function FileChoice({
  words,
  label,
  onFile,
}: {
  words: string;
  label: string;
  onFile: (file: File) => void;
}) {
  return (
    <label className="button cursor-pointer focus-within:outline-2 focus-within:outline-brass">
      {words}
      <input
        className="sr-only"
        type="file"
        aria-label={label}
        onChange={event => {
          const [file] = event.target.files ?? [];
          event.target.value = '';
          if (file) onFile(file);
        }}
      />
    </label>
  );
}

/** What its buttons do, as they are printed to lie beside it. */
function Buttons({ id, device: { label, buttons = '' } }: { id: string; device: Device }) {
  const store = useStore();
  const [text, setText] = useState(buttons);
  return (
    <details className="py-1">
      <summary className="cursor-pointer">
        What its buttons do{buttons === '' ? '' : `, ${buttons.split('\n').length} rows`}
      </summary>
      <textarea
        className="field w-full"
        rows={4}
        maxLength={4000}
        aria-label={`What the buttons of ${label} do, a line for each row, with | between buttons`}
        placeholder="CAM 1 | CAM 2 | WORDS | BLACK"
        value={text}
        onChange={event => setText(event.target.value)}
        onBlur={() => {
          if (text === buttons) return;
          store.editPlan(`Buttons of ${label}`, plan =>
            plan.set('devices', id, 'buttons', text === '' ? undefined : text),
          );
        }}
      />
      <FileLink className="link" address={addressOf('GET /events/:id/button-sheet.pdf', { id: store.id })}>
        Button sheet, PDF
      </FileLink>
    </details>
  );
}
