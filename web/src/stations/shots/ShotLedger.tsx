import {
  SHOT_SIZES,
  type Figure,
  type Operation,
  type Shot,
  type ShotResult,
  type WindowResult,
} from '@idle-satchel/core';
import { Suspense, useState } from 'react';
import { fetched } from '../../app/fetched.js';
import { useFlags } from '../../ledger/flags.js';
import { FigureRow, Heading } from '../../ledger/Ledger.js';
import { useEvent, useResult, useStore } from '../../store/hooks.js';

const ShotWishes = fetched(() => import('./ShotWishes.js'));

const SectionPicture = fetched(() => import('./section/SectionPicture.js'));

/** One shot of a camera: how large, and whether distance, light, focus, angle and sight allow it. */
export function ShotLedger({ id, shot }: { id: string; shot: Shot }) {
  const store = useStore();
  const { shots, gear: gearOf, light: lights } = useResult('shots');
  const light = lights[shot.mark];
  const [result, gear] = [shots[id], gearOf[id]];
  const venue = useEvent(state => state.assessment.ground.venue);
  const blockers = useEvent(state => state.assessment.ground.blockers);
  const flag = useFlags();
  const [section, setSection] = useState(false);
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
              {SHOT_SIZES.map(size => (
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
      <Suspense>
        <ShotWishes id={id} shot={shot} />
      </Suspense>
      <details className="py-1 border-b border-rule" onToggle={event => setSection(event.currentTarget.open)}>
        <summary className="cursor-pointer">Section along the line of sight</summary>
        {section && (
          <Suspense>
            <SectionPicture shot={id} />
          </Suspense>
        )}
      </details>
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
      {result.window && <WindowRows window={result.window} path={path('window')} />}
      {result.fromEverywhere && (
        <FigureRow
          label="Reached from everywhere it goes"
          figure={result.fromEverywhere}
          path={path('fromEverywhere')}
        />
      )}
      <FigureRow label="Frame it gives" figure={result.frameGiven} path={path('frameGiven')} unit="wide" />
      <FigureRow label="Frame height" figure={result.frameHeight} path={path('frameHeight')} unit="high" />
      <FigureRow label="Face" figure={result.facePixels} path={path('facePixels')} />
      <FigureRow label="Face reads as" figure={result.faceVerdict} path={path('faceVerdict')} />
      {light && <FigureRow label="Light at the mark" figure={light} path={`shots.light.${shot.mark}`} />}
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
      <FigureRow label="Tilt" figure={result.tilt} path={path('tilt')} unit="from level" />
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
      {gear && (
        <FigureRow
          label="Other gear in the picture"
          figure={gear.share}
          path={`shots.gear.${id}.share`}
          flag={flag(`shots.gear.${id}.share`)}
        >
          {[...new Set(gear.by.map(({ label }) => label))].join(', ')}
        </FigureRow>
      )}
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
      {result.solid !== undefined && (
        <FigureRow
          label="Past furniture and what hangs"
          figure={result.pastSolids}
          path={path('pastSolids')}
          flag={flag(path('pastSolids'))}
          unit="clear"
        >
          {venue.areas?.[result.solid]?.label}
        </FigureRow>
      )}
    </section>
  );
}

/** What is cut from the picture of another shot, and whether it can be. */
function WindowRows({ window, path }: { window: WindowResult; path: string }) {
  const flag = useFlags();
  const rows = [
    ['crop', 'Narrower than the picture it is cut from'],
    ['sharp', 'As sharp as the output'],
    ['inside', 'Inside the whole picture'],
  ] as const;
  return rows.map(([name, label]) => (
    <FigureRow
      key={name}
      label={label}
      figure={window[name]}
      path={`${path}.${name}`}
      flag={flag(`${path}.${name}`)}
    />
  ));
}

/** What the light asks of the camera, and from where to where it is sharp; what says nothing here is left out. */
function lightAndFocus({ focus, ...shot }: ShotResult): [name: string, label: string, figure: Figure][] {
  const all: [string, string, Figure, boolean?][] = [
    ['aperture', 'Aperture', shot.aperture],
    ['shutter', 'Shutter', shot.shutter],
    ['flickers', 'Flickers at that', shot.flickers],
    ['iso', 'Sensitivity needed', shot.iso],
    ['gain', 'Gain', shot.gain],
    ['lightToSpare', 'Light to spare', shot.lightToSpare, shot.lightToSpare.value !== 0],
    ['focus.near', 'Sharp from', focus.near],
    ['focus.far', 'Sharp to', focus.far],
    ['focus.everyFaceSharp', 'Every face sharp', focus.everyFaceSharp],
    [
      'focus.diffraction',
      'Stopping down sharpens no more',
      focus.diffraction,
      focus.diffraction.value === true,
    ],
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
