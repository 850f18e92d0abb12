import {
  inOrder,
  newId,
  orderAfter,
  type Device,
  type Figure,
  type Operation,
  type Shot,
  type ShotResult,
} from '@idle-satchel/core';
import { FigureRow, Heading, useWorkingKey } from '../../ledger/Ledger.js';
import { LengthField } from '../../ledger/LengthField.js';
import { NumberField } from '../../ledger/NumberField.js';
import { TextField } from '../../ledger/TextField.js';
import { useFlags } from '../../ledger/flags.js';
import { useEvent, useOpenEvent, usePlan, useResult, useStore, useUi } from '../../store/hooks.js';

const SIZES: readonly Shot['size'][] = [
  'head and shoulders',
  'chest up',
  'waist up',
  'knees up',
  'full figure',
  'pair',
  'panel',
  'whole area',
];

/** Shots: the selected camera, what it is to show, and whether it can. */
export default function ShotsLedger() {
  useWorkingKey();
  const { ui } = useOpenEvent();
  const { cameras } = useResult('shots');
  const shots = usePlan(plan => plan.shots);
  const selected = useUi(state => state.selected);
  const first = Object.keys(cameras)[0];
  const camera = [selected, shots?.[selected ?? '']?.camera, first].find(
    id => id !== undefined && cameras[id],
  );
  if (camera === undefined) {
    return (
      <div className="pt-4 max-w-sm">
        <h2>No camera yet</h2>
        <p className="my-2">
          Add one with the button on the plan, drag it to where it can stand, and give it something to show.
        </p>
      </div>
    );
  }
  return (
    <>
      <div className="flex gap-1.5 flex-wrap pt-1" role="group" aria-label="Cameras">
        {Object.entries(cameras).map(([id, { label }]) => (
          <button
            key={id}
            className={`tape tape-small ${id === camera ? '' : '!text-faint'}`}
            aria-pressed={id === camera}
            onClick={() => ui.select(id)}
          >
            {id === camera ? '▸ ' : ''}
            {label}
          </button>
        ))}
      </div>
      <CameraLedger id={camera} />
    </>
  );
}

function CameraLedger({ id }: { id: string }) {
  const { store, ui } = useOpenEvent();
  const device = usePlan(plan => plan.devices?.[id]);
  const kind = useEvent(({ bundle }) => bundle.kinds.kinds[device?.kind ?? '']);
  const camera = useResult('shots').cameras[id];
  const shots = usePlan(plan => plan.shots);
  const flag = useFlags();
  if (!device || !camera) return null;
  const edit = (label: string, ...patch: Operation[]): void => store.patchPlan(label, patch);
  const own = inOrder(shots).filter(([, shot]) => shot.camera === id);
  const remove = (): void => {
    const { plan } = store.get().bundle;
    const carried = Object.entries(plan.devices ?? {}).filter(([, each]) => each.place?.inside === id);
    const gone = new Set([id, ...carried.map(([key]) => key)]);
    const links = Object.entries(plan.links ?? {}).filter(
      ([, link]) => gone.has(link.from.device ?? '') || gone.has(link.to.device ?? ''),
    );
    edit(
      `Remove ${device.label}`,
      ...links.map(([key]): Operation => ({ op: 'remove', path: `/links/${key}` })),
      ...own.map(([key]): Operation => ({ op: 'remove', path: `/shots/${key}/camera` })),
      ...[...gone].map((key): Operation => ({ op: 'remove', path: `/devices/${key}` })),
    );
    ui.select(undefined);
  };
  return (
    <>
      <p className="text-faint pt-2">{kind?.label}</p>
      <div className="flex flex-wrap gap-x-4 items-baseline">
        <label>
          Label{' '}
          <TextField
            label="Label"
            value={device.label}
            max={40}
            className="w-26"
            onCommit={text =>
              edit(`Rename ${device.label}`, { op: 'replace', path: `/devices/${id}/label`, value: text })
            }
          />
        </label>
        <label>
          Worked{' '}
          <select
            className="field"
            value={device.worked ?? 'locked'}
            onChange={event =>
              edit(`Work ${device.label}`, {
                op: 'add',
                path: `/devices/${id}/worked`,
                value: event.target.value,
              })
            }
          >
            <option value="operated">by an operator</option>
            <option value="remote">by remote</option>
            <option value="locked">locked off</option>
          </select>
        </label>
        <button className="link ml-auto" onClick={remove}>
          Remove
        </button>
      </div>
      <PlaceFields id={id} device={device} />
      <NumberField
        label="Aperture, if not wide open"
        unit="f/"
        optional
        value={device.aperture}
        min={0.7}
        max={64}
        onCommit={value =>
          edit(`Aperture of ${device.label}`, {
            ...(value === undefined ? { op: 'remove' as const } : { op: 'add' as const, value }),
            path: `/devices/${id}/aperture`,
          })
        }
      />
      <FigureRow
        label="Angle of view"
        figure={camera.angleOfView}
        path={`shots.cameras.${id}.angleOfView`}
        unit="across"
      />
      <FigureRow label="Focal length in use" figure={camera.focal} path={`shots.cameras.${id}.focal`} />
      <FigureRow
        label="No-film areas in the picture"
        figure={camera.noFilm}
        path={`shots.cameras.${id}.noFilm`}
        flag={flag(`shots.cameras.${id}.noFilm`)}
      />
      {own.map(([key, shot]) => (
        <ShotLedger key={key} id={key} shot={shot} />
      ))}
      <AddShot camera={id} />
    </>
  );
}

function PlaceFields({ id, device }: { id: string; device: Device }) {
  const store = useStore();
  const { place } = device;
  if (!place?.at) return <p className="text-faint">It has no place yet.</p>;
  const [x, y] = place.at;
  const move = (value: readonly [number, number]): void =>
    store.patchPlan(`Move ${device.label}`, [{ op: 'replace', path: `/devices/${id}/place/at`, value }]);
  return (
    <div className="grid grid-cols-2 gap-x-5">
      <LengthField label="East" value={x} onCommit={metres => move([metres, y])} />
      <LengthField label="South" value={y} onCommit={metres => move([x, metres])} />
      <LengthField
        label="Lens height"
        value={place.height ?? 1.5}
        min={0}
        max={30}
        onCommit={value =>
          store.patchPlan(`Height of ${device.label}`, [
            { op: 'add', path: `/devices/${id}/place/height`, value },
          ])
        }
      />
      <p className="py-1 border-b border-rule">
        {place.facing === undefined ? (
          <span className="text-faint">points at its first shot</span>
        ) : (
          <button
            className="link"
            onClick={() =>
              store.patchPlan(`Aim ${device.label}`, [{ op: 'remove', path: `/devices/${id}/place/facing` }])
            }
          >
            Point at its first shot
          </button>
        )}
      </p>
    </div>
  );
}

function ShotLedger({ id, shot }: { id: string; shot: Shot }) {
  const store = useStore();
  const result = useResult('shots').shots[id];
  const venue = useEvent(state => state.assessment.ground.venue);
  const blockers = useEvent(state => state.assessment.ground.blockers);
  const flag = useFlags();
  if (!result) return null;
  const path = (name: string): string => `shots.shots.${id}.${name}`;
  const hiddenBy = result.hiddenBy
    .map(
      ({ id: by, share }) =>
        `${by === 'walls' ? 'a wall' : `pillar ${blockers.find(each => each.id === by)?.label ?? ''}`} ${Math.round(share * 100)} %`,
    )
    .join(', ');
  const edit = (label: string, ...patch: Operation[]): void => store.patchPlan(label, patch);
  return (
    <section aria-label={`Shot of ${venue.marks?.[shot.mark]?.label ?? 'a lost mark'}`}>
      <Heading
        about={venue.marks?.[shot.mark]?.label ?? 'a lost mark'}
        right={
          <>
            <select
              className="field text-ink"
              aria-label="Shot size"
              value={shot.size}
              onChange={event =>
                edit('Change a shot', { op: 'replace', path: `/shots/${id}/size`, value: event.target.value })
              }
            >
              {SIZES.map(size => (
                <option key={size}>{size}</option>
              ))}
            </select>{' '}
            <button
              className="link"
              onClick={() => edit('Drop a shot', { op: 'remove', path: `/shots/${id}` })}
            >
              Drop
            </button>
          </>
        }
      >
        Shot
      </Heading>
      <FigureRow label="Distance" figure={result.distance} path={path('distance')} />
      <FigureRow label="Frame wanted" figure={result.frameWanted} path={path('frameWanted')} unit="wide" />
      <FigureRow
        label="Focal length needed"
        figure={result.focalNeeded}
        path={path('focalNeeded')}
        flag={flag(path('focalNeeded'))}
      />
      <FigureRow
        label="Shot reached"
        figure={result.reached}
        path={path('reached')}
        flag={flag(path('reached'))}
      />
      <FigureRow label="Frame it gives" figure={result.frameGiven} path={path('frameGiven')} unit="wide" />
      <FigureRow label="Face" figure={result.facePixels} path={path('facePixels')} />
      <FigureRow label="Face reads as" figure={result.faceVerdict} path={path('faceVerdict')} />
      {lightAndFocus(result).map(([name, label, figure]) => (
        <FigureRow key={name} {...{ label, figure }} path={path(name)} flag={flag(path(name))} />
      ))}
      <FigureRow
        label="Viewing angle"
        figure={result.viewingAngle}
        path={path('viewingAngle')}
        unit="off front"
      />
      <FigureRow
        label="Camera above the eyes"
        figure={result.verticalAngle}
        path={path('verticalAngle')}
        unit="down"
      />
      <FigureRow label="Face seen" figure={result.viewVerdict} path={path('viewVerdict')} />
      <FigureRow
        label="Sight past walls and pillars"
        figure={result.sight}
        path={path('sight')}
        flag={flag(path('sight'))}
      />
      <FigureRow
        label="Frame hidden"
        figure={result.hidden}
        path={path('hidden')}
        flag={flag(path('hidden'))}
      >
        {hiddenBy}
      </FigureRow>
      <FigureRow
        label="Over heads, seated"
        figure={result.overSeated}
        path={path('overSeated')}
        flag={flag(path('overSeated'))}
        unit="clear"
      />
      <FigureRow
        label="Over heads, standing"
        figure={result.overStanding}
        path={path('overStanding')}
        flag={flag(path('overStanding'))}
        unit="clear"
      />
    </section>
  );
}

/** What the light asks of the camera, and from where to where it is sharp; what says nothing here is left out. */
function lightAndFocus({ focus, ...shot }: ShotResult): [name: string, label: string, figure: Figure][] {
  const all: [string, string, Figure, boolean?][] = [
    ['aperture', 'Aperture', shot.aperture],
    ['shutter', 'Shutter', shot.shutter],
    ['iso', 'Sensitivity needed', shot.iso],
    ['gain', 'Gain', shot.gain],
    ['lightToSpare', 'Light to spare', shot.lightToSpare, shot.lightToSpare.value !== 0],
    ['focus.near', 'Sharp from', focus.near],
    ['focus.far', 'Sharp to', focus.far],
    ['focus.everyFaceSharp', 'Every face sharp', focus.everyFaceSharp],
    [
      'focus.apertureForAll',
      'Aperture that holds them all',
      focus.apertureForAll,
      focus.apertureForAll.value !== null,
    ],
  ];
  return all.flatMap(([name, label, figure, says = true]): [string, string, Figure][] =>
    says ? [[name, label, figure]] : [],
  );
}

function AddShot({ camera }: { camera: string }) {
  const store = useStore();
  const marks = useEvent(state => state.assessment.ground.venue.marks);
  const shots = usePlan(plan => plan.shots);
  const add = (mark: string): void =>
    store.patchPlan('Add a shot', [
      ...(shots ? [] : [{ op: 'add' as const, path: '/shots', value: {} }]),
      {
        op: 'add',
        path: `/shots/${newId()}`,
        value: {
          order: orderAfter(inOrder(shots).at(-1)?.[1].order),
          mark,
          size: 'waist up',
          camera,
        },
      },
    ]);
  return (
    <label className="block mt-4">
      <span className="text-faint">Also show </span>
      <select className="field" value="" onChange={event => event.target.value && add(event.target.value)}>
        <option value="">choose a mark</option>
        {inOrder(marks).map(([id, { label }]) => (
          <option key={id} value={id}>
            {label}
          </option>
        ))}
      </select>
    </label>
  );
}
