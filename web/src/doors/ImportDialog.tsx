import {
  applyPatch,
  drawingScaled,
  extentOf,
  guessTarget,
  layersOf,
  likelyUnit,
  showText,
  takenFrom,
  TARGETS,
  withMaps,
  type Target,
} from '@idle-satchel/core';
import { useMemo, useState } from 'react';
import { Dialog } from '../ui/Dialog.js';
import { AREA_WORDS, DOOR_WORDS, MAP_WORDS } from '../bench/drafting/part-words.js';
import { SurveyPicture } from './survey/SurveyPicture.js';
import { useReading, useResult, useStore } from '../store/hooks.js';
import type { ReadDrawing } from '../exchange/read-dxf.js';
import { readDrawing } from '../exchange/read-drawing.js';
import { messageOf } from '../api/client.js';
import { GuardedButton } from '../ui/GuardedButton.js';

const wordsOf = (target: Target): string => {
  const [map = '', kind = ''] = target.split(' ');
  const words = map === 'areas' ? AREA_WORDS[kind] : map === 'doors' ? DOOR_WORDS[kind] : MAP_WORDS[map];
  return words ?? target;
};

const UNITS: readonly (readonly [metres: string, words: string])[] = [
  ...([
    ['0.001', 'millimetres'],
    ['0.01', 'centimetres'],
    ['1', 'metres'],
  ] as const),
  ...([
    ['0.0254', 'inches'],
    ['0.3048', 'feet'],
  ] as const),
];

/** Brings a DXF or SVG drawing into the venue: what each layer is, in which unit, and what it makes, before it is taken. */
export default function ImportDialog({ onClose }: { onClose: () => void }) {
  const [read, setRead] = useState<ReadDrawing & { readonly name: string }>();
  const [problem, setProblem] = useState('');
  const [busy, setBusy] = useState(false);
  const choose = async (file: File): Promise<void> => {
    setBusy(true);
    setProblem('');
    setRead(undefined);
    try {
      setRead({ ...(await readDrawing(file)), name: file.name });
    } catch (error) {
      setProblem(messageOf(error));
    } finally {
      setBusy(false);
    }
  };
  return (
    <Dialog title="Bring in a drawing" onClose={onClose}>
      <label className="block mb-2">
        Drawing, .dxf or .svg
        <input
          className="field w-full"
          type="file"
          accept=".dxf,.svg"
          onChange={event => {
            const [file] = event.target.files ?? [];
            if (file) void choose(file);
          }}
        />
      </label>
      {busy && <p className="text-faint">reading …</p>}
      {problem && (
        <p role="alert" className="text-stop">
          {problem}
        </p>
      )}
      {read && <Layers key={read.name} read={read} onClose={onClose} />}
    </Dialog>
  );
}

function Layers({ read, onClose }: { read: ReadDrawing & { readonly name: string }; onClose: () => void }) {
  const store = useStore();
  const reading = useReading();
  const { venue } = useResult('ground');
  const [unit, setUnit] = useState(String(read.unit ?? likelyUnit(read.drawing)));
  const [instead, setInstead] = useState(false);
  const layers = useMemo(() => layersOf(read.drawing), [read]);
  const [targets, setTargets] = useState<Readonly<Record<string, Target | undefined>>>(() =>
    Object.fromEntries(layers.map(({ name }) => [name, guessTarget(name)])),
  );
  const drawing = useMemo(() => drawingScaled(read.drawing, Number(unit)), [read, unit]);
  const taken = useMemo(
    () => takenFrom(drawing, targets, venue, instead),
    [drawing, targets, venue, instead],
  );
  const preview = useMemo(() => applyPatch(venue, withMaps(venue, taken.patch)), [venue, taken]);
  const units = UNITS.some(([metres]) => metres === unit)
    ? UNITS
    : [[unit, `${unit} m, as the file says`] as const, ...UNITS];
  const anything = Object.values(targets).some(Boolean);
  return (
    <>
      <div className="grid grid-cols-2 gap-4">
        <div className="max-h-[44vh] overflow-auto">
          {layers.map(({ name, count }) => (
            <label key={name} className="flex items-baseline gap-2 py-1 border-b border-rule">
              <span className="grow truncate" title={name}>
                {name} <span className="text-faint">· {count}</span>
              </span>
              <select
                className="field"
                aria-label={`Layer ${name} is`}
                value={targets[name] ?? ''}
                onChange={event =>
                  setTargets({ ...targets, [name]: (event.target.value || undefined) as Target | undefined })
                }
              >
                <option value="">leave out</option>
                {TARGETS.map(target => (
                  <option key={target} value={target}>
                    {wordsOf(target)}
                  </option>
                ))}
              </select>
            </label>
          ))}
        </div>
        <div className="h-[36vh] border border-rule">
          <SurveyPicture venue={preview} reading={reading} />
        </div>
      </div>
      <p className="flex flex-wrap gap-4 items-baseline py-2">
        <label>
          One unit is{' '}
          <select className="field" value={unit} onChange={event => setUnit(event.target.value)}>
            {units.map(([metres, words]) => (
              <option key={metres} value={metres}>
                {words}
              </option>
            ))}
          </select>
        </label>
        <span className="text-faint">{showText(extentOf(drawing), 'm', reading)} across</span>
        <label>
          <input type="checkbox" checked={instead} onChange={event => setInstead(event.target.checked)} />{' '}
          instead of what was drawn before
        </label>
      </p>
      {taken.notes.map(note => (
        <p key={note} className="text-risk text-[13px]">
          {note}
        </p>
      ))}
      <p className="text-right pt-2">
        <GuardedButton
          className="button button-main"
          why={
            !anything
              ? 'no layer is taken as anything yet'
              : taken.patch.length === 0
                ? 'nothing in these layers can be taken'
                : undefined
          }
          onClick={() => {
            store.editVenue(`Bring in ${read.name}`, taken.patch);
            onClose();
          }}
        >
          Bring it in
        </GuardedButton>
      </p>
    </>
  );
}
