import { pictureSvg, type ViewfinderRequest } from '@idle-satchel/core';
import { useId, useRef, useState } from 'react';
import { useSize } from '../../../bench/use-size.js';
import { saveText } from '../../../exchange/save-file.js';
import { saveSvgAsPng } from '../../../exchange/save-png.js';
import { useEvent, usePlan } from '../../../store/hooks.js';
import { Picture } from './Picture.js';
import { firstShotOf, useViewfinder } from './use-viewfinder.js';

type By = NonNullable<ViewfinderRequest['by']>;

const STILL: By = { pan: 0, tilt: 0, zoom: 1, raise: 0 };

/** How far each can be moved by hand, and in which steps. */
const MOVES = [
  { name: 'pan', words: 'Pan', unit: '°', least: -60, most: 60, step: 1 },
  { name: 'tilt', words: 'Tilt', unit: '°', least: -40, most: 40, step: 0.5 },
  { name: 'zoom', words: 'Zoom', unit: '×', least: 0.5, most: 4, step: 0.05 },
  { name: 'raise', words: 'Raise', unit: 'm', least: -1.5, most: 2, step: 0.05 },
] as const;

const short = (value: number): string => String(Math.round(value * 100) / 100);

/** The full viewfinder of a camera: what it sees in each shot, seated or standing, and moved by hand. */
export default function Viewfinder({ camera, shots }: { camera: string; shots: readonly string[] }) {
  const [chosen, setChosen] = useState<string>();
  const shot = chosen !== undefined && shots.includes(chosen) ? chosen : shots[0];
  const [posture, setPosture] = useState<'seated' | 'standing'>('seated');
  const [guides, setGuides] = useState(true);
  const [by, setBy] = useState(STILL);
  const frame = useRef<HTMLElement>(null);
  const { width } = useSize(frame);
  const still = by === STILL;
  const viewfinder = useViewfinder({ camera, shot, posture, ...(still ? {} : { by }) });
  const cameras = useEvent(({ assessment }) => assessment.shots.cameras);
  const marks = useEvent(({ assessment }) => assessment.ground.venue.marks);
  const planned = usePlan(plan => plan.shots);
  const label = cameras[camera]?.label ?? '';
  const markOf = (id: string | undefined): string | undefined =>
    marks?.[planned?.[id ?? '']?.mark ?? '']?.label;
  const others = Object.entries(cameras).filter(([other]) => other !== camera);
  const [beside, setBeside] = useState('');
  const words = `${label} sees ${markOf(shot) ?? 'no mark'}, everyone ${posture}`;
  return (
    <section ref={frame} aria-label="Viewfinder" className="mt-2">
      {!viewfinder ? (
        <p className="text-faint">Nothing to see yet: it has no place or no direction.</p>
      ) : (
        width > 0 && <Picture viewfinder={viewfinder} width={width} guides={guides} words={words} />
      )}
      <div className="flex flex-wrap gap-x-3 gap-y-1 items-center mt-1.5 text-[13px]">
        {shots.length > 1 && (
          <label>
            Shot{' '}
            <select className="field" value={shot} onChange={event => setChosen(event.target.value)}>
              {shots.map(each => (
                <option key={each} value={each}>
                  {markOf(each) ?? 'a lost mark'}
                </option>
              ))}
            </select>
          </label>
        )}
        <label>
          Everyone{' '}
          <select
            className="field"
            value={posture}
            onChange={event => setPosture(event.target.value as typeof posture)}
          >
            <option>seated</option>
            <option>standing</option>
          </select>
        </label>
        <label className="flex gap-1.5">
          <input type="checkbox" checked={guides} onChange={event => setGuides(event.target.checked)} />
          Thirds
        </label>
        {others.length > 0 && (
          <label>
            Beside{' '}
            <select className="field" value={beside} onChange={event => setBeside(event.target.value)}>
              <option value="">no other</option>
              {others.map(([other, { label: name }]) => (
                <option key={other} value={other}>
                  {name}
                </option>
              ))}
            </select>
          </label>
        )}
        {viewfinder && <SavePicture svg={pictureSvg(viewfinder.inked, words)} name={`${label} sees`} />}
      </div>
      {cameras[beside] && beside !== camera && width > 0 && (
        <Beside
          width={width}
          posture={posture}
          guides={guides}
          camera={beside}
          shot={firstShotOf(planned, beside)}
          label={cameras[beside].label}
        />
      )}
      <LookAround by={by} onLook={setBy} />
      <p className="text-faint text-[12.5px] mt-1">
        Brass: who the shot is of, dotted where hidden. Dashed: not sharp. Filled: cameras and stands.
      </p>
    </section>
  );
}

/** Moves the picture by hand, without changing the plan. */
function LookAround({ by, onLook }: { by: By; onLook: (by: By) => void }) {
  const id = useId();
  return (
    <details className="mt-1 text-[13px]">
      <summary className="link w-fit">Look around</summary>
      <div className="grid grid-cols-2 gap-x-5 gap-y-1 mt-1">
        {MOVES.map(({ name, words: what, unit, least, most, step }) => (
          <label
            key={name}
            htmlFor={`${id}-${name}`}
            className="grid grid-cols-[3rem_1fr_4rem] items-center gap-2"
          >
            {what}
            <input
              id={`${id}-${name}`}
              type="range"
              className="accent-(--brass) min-w-0"
              min={least}
              max={most}
              step={step}
              value={by[name]}
              onChange={event => onLook({ ...by, [name]: Number(event.target.value) })}
            />
            <span className="text-right tabular-nums">
              {short(by[name])} {unit}
            </span>
          </label>
        ))}
      </div>
      {by !== STILL && (
        <button className="link mt-1" onClick={() => onLook(STILL)}>
          Back to the shot
        </button>
      )}
    </details>
  );
}

function SavePicture({ svg, name }: { svg: string; name: string }) {
  return (
    <span className="ml-auto flex gap-3">
      <button className="link" onClick={() => saveText(svg, 'image/svg+xml', name, 'svg')}>
        Save picture
      </button>
      <button className="link" onClick={() => void saveSvgAsPng(svg, name)}>
        as PNG
      </button>
    </span>
  );
}

/** Another camera at the same moment, to see whether the two cut well. */
function Beside({
  camera,
  shot,
  posture,
  label,
  ...look
}: Pick<ViewfinderRequest, 'camera' | 'shot' | 'posture'> & {
  label: string;
  width: number;
  guides: boolean;
}) {
  const viewfinder = useViewfinder({ camera, shot, posture });
  return (
    <figure className="mt-2">
      {viewfinder ? (
        <Picture {...{ viewfinder, ...look }} words={`${label} beside it`} />
      ) : (
        'Nothing to see yet.'
      )}
      <figcaption className="tape tape-small mt-1">{label}</figcaption>
    </figure>
  );
}
