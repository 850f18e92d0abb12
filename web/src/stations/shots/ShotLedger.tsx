import { SHOT_SIZES, type Figure, type Shot, type ShotResult } from '@idle-satchel/core';
import { Suspense, useState } from 'react';
import { fetched } from '../../ui/fetched.js';
import { FigureRow, FigureRows, Heading } from '../../ledger/Ledger.js';
import { useEvent, useResult, useStore } from '../../store/hooks.js';

const ShotDemands = fetched(() => import('./ShotDemands.js'));

const SectionPicture = fetched(() => import('./section/SectionPicture.js'));

/** One shot of a camera: how large, and whether distance, light, focus, angle and sight allow it. */
export function ShotLedger({ id, shot }: { id: string; shot: Shot }) {
  const store = useStore();
  const { shots, gear: gearOf, light: lights } = useResult('shots');
  const light = lights[shot.mark];
  const [result, gear] = [shots[id], gearOf[id]];
  const venue = useEvent(state => state.assessment.ground.venue);
  const blockers = useEvent(state => state.assessment.ground.blockers);
  const [section, setSection] = useState(false);
  if (!result) return null;
  const hiddenBy = result.hiddenBy
    .map(
      ({ id: by, share }) =>
        `${by === 'walls' ? 'a wall' : `pillar ${blockers.find(each => each.id === by)?.label ?? ''}`} ${Math.round(share * 100)} %`,
    )
    .join(', ');
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
                store.editPlan('Change a shot', plan =>
                  plan.put('shots', id, 'size', event.target.value as Shot['size']),
                )
              }
            >
              {SHOT_SIZES.map(size => (
                <option key={size}>{size}</option>
              ))}
            </select>{' '}
            <button
              className="link"
              onClick={() => store.editPlan('Drop a shot', plan => plan.drop('shots', id))}
            >
              Drop
            </button>
          </>
        }
      >
        Shot
      </Heading>
      <Suspense>
        <ShotDemands id={id} shot={shot} />
      </Suspense>
      <details className="py-1 border-b border-rule" onToggle={event => setSection(event.currentTarget.open)}>
        <summary className="cursor-pointer">Section along the line of sight</summary>
        {section && (
          <Suspense>
            <SectionPicture shot={id} />
          </Suspense>
        )}
      </details>
      <FigureRow figure={result.distance} />
      <FigureRow figure={result.frameWanted} unit="wide" />
      <FigureRows of={{ focalNeeded: result.focalNeeded, reached: result.reached, ...result.window }} />
      {result.fromEverywhere && <FigureRow figure={result.fromEverywhere} />}
      <FigureRow figure={result.frameGiven} unit="wide" />
      <FigureRow figure={result.frameHeight} unit="high" />
      <FigureRows of={{ facePixels: result.facePixels, faceVerdict: result.faceVerdict, light }} />
      <FigureRows of={lightAndFocus(result)} />
      <FigureRow figure={result.viewingAngle} unit="off front" />
      <FigureRow figure={result.verticalAngle} unit="down" />
      <FigureRow figure={result.viewVerdict} />
      <FigureRow figure={result.tilt} unit="from level" />
      <FigureRow figure={result.sight} />
      <FigureRow figure={result.hidden}>{hiddenBy}</FigureRow>
      {gear && (
        <FigureRow figure={gear.share}>
          {[...new Set(gear.by.map(({ label }) => label))].join(', ')}
        </FigureRow>
      )}
      <FigureRow figure={result.overSeated} unit="clear" />
      <FigureRow figure={result.overStanding} unit="clear" />
      {result.solid !== undefined && (
        <FigureRow figure={result.pastSolids} unit="clear">
          {venue.areas?.[result.solid]?.label}
        </FigureRow>
      )}
    </section>
  );
}

/** What the light asks of the camera, and from where to where it is sharp; what says nothing here is left out. */
function lightAndFocus({ focus, ...shot }: ShotResult): Readonly<Record<string, Figure>> {
  const { aperture, shutter, flickers, iso, gain, lightToSpare } = shot;
  const { near, far, everyFaceSharp, diffraction, apertureForAll } = focus;
  return {
    aperture,
    shutter,
    flickers,
    iso,
    gain,
    ...(lightToSpare.value !== 0 && { lightToSpare }),
    near,
    far,
    everyFaceSharp,
    ...(diffraction.value === true && { diffraction }),
    ...(apertureForAll.value !== null && { apertureForAll }),
  };
}
