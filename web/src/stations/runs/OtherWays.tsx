import {
  alternativesOf,
  crossingWords,
  pinsPatch,
  showText,
  wayPatch,
  type Link,
  type Waypoint,
} from '@idle-satchel/core';
import { useMemo, useState } from 'react';
import { useEvent, useOpenEvent, usePlan, useReading, useResult, useStore } from '../../store/hooks.js';

type Way = NonNullable<Link['way']>;

/** How a lead is laid: its pins, what it keeps away from, and other ways with what each is longer. */
export function OtherWays({ id, label }: { id: string; label: string }) {
  const { store } = useOpenEvent();
  const [open, setOpen] = useState(false);
  const links = usePlan(plan => plan.links);
  const { ground, signal, runs } = useEvent(({ assessment }) => assessment);
  const way = links?.[id]?.way;
  const run = runs.runs[id];
  const alternatives = useMemo(
    () =>
      open ? alternativesOf(id, { own: runs, links, devices: signal.wiring.devices, ground, signal }) : [],
    [open, id, runs, links, signal, ground],
  );
  if (!run?.crosses) return null;
  const lay = (next: typeof way): void =>
    store.patchPlan(`Lead ${label} another way`.slice(0, 120), wayPatch(id, way, next));
  const middle = run.points[run.points.length >> 1];
  const pins: readonly Waypoint[] = way?.pins ?? [];
  const aisles = run.crossings.filter(({ kind }) => kind === 'aisle');
  return (
    <div className="py-1">
      <WayNow id={id} way={way} aisles={aisles} onLay={lay} />
      <p className="flex gap-2 py-1">
        <button className="button" aria-expanded={open} onClick={() => setOpen(!open)}>
          Other ways
        </button>
        {middle && (
          <button
            className="button"
            onClick={() =>
              store.patchPlan('Pin a lead', pinsPatch(id, way, [...pins, { at: [middle[0], middle[1]] }]))
            }
          >
            Add a pin
          </button>
        )}
      </p>
      {open && alternatives.length === 0 && <p className="text-faint">No other way is much different.</p>}
      {open && <Alternatives alternatives={alternatives} onTake={lay} />}
    </div>
  );
}

/** How the lead goes now: its pins, what it keeps away from, and what it crosses, each to be taken back. */
function WayNow({
  id,
  way,
  aisles,
  onLay,
}: {
  id: string;
  way: Way | undefined;
  aisles: readonly { readonly id: string; readonly label: string }[];
  onLay: (way: Way) => void;
}) {
  const store = useStore();
  const reading = useReading();
  const { areas = {}, doors = {} } = useResult('ground').venue;
  const nameOf = (zone: string): string => areas[zone]?.label ?? doors[zone]?.label ?? 'a place that is gone';
  const pins: readonly Waypoint[] = way?.pins ?? [];
  return (
    <>
      {pins.map((pin, i) => (
        <p key={i} className="flex gap-2 border-b border-rule py-1">
          <span className="grow">
            Pin {i + 1} at {showText(pin.at[0], 'm', reading)} east, {showText(pin.at[1], 'm', reading)} south
          </span>
          <button
            className="link"
            aria-label={`Take pin ${i + 1} out`}
            onClick={() =>
              store.patchPlan(
                'Take a pin out of a lead',
                pinsPatch(
                  id,
                  way,
                  pins.filter((_, k) => k !== i),
                ),
              )
            }
          >
            Take out
          </button>
        </p>
      ))}
      {(way?.avoid ?? []).map(zone => (
        <p key={zone} className="flex gap-2 border-b border-rule py-1">
          <span className="grow">Keeps away from {nameOf(zone)}</span>
          <button
            className="link"
            onClick={() => {
              const { avoid = [], ...rest } = way ?? {};
              const left = avoid.filter(each => each !== zone);
              onLay({ ...rest, ...(left.length > 0 && { avoid: left }) });
            }}
          >
            {areas[zone] ? 'Allow a ramp' : 'Allow it overhead'}
          </button>
        </p>
      ))}
      {way?.ceiling && (
        <p className="flex gap-2 border-b border-rule py-1">
          <span className="grow">
            May hang from the ceiling: from certified points only, rigged by who may, with a second fixing
          </span>
          <button
            className="link"
            onClick={() => {
              const { ceiling: _gone, ...rest } = way;
              onLay(rest);
            }}
          >
            Keep it down
          </button>
        </p>
      )}
      {aisles.map(zone => (
        <p key={zone.id} className="flex gap-2 border-b border-rule py-1">
          <span className="grow">Under a ramp over {zone.label}</span>
          <button className="link" onClick={() => onLay({ ...way, avoid: [...(way?.avoid ?? []), zone.id] })}>
            Not across it
          </button>
        </p>
      ))}
    </>
  );
}

/** Other ways with what each is longer and what it crosses. */
function Alternatives({
  alternatives,
  onTake,
}: {
  alternatives: ReturnType<typeof alternativesOf>;
  onTake: (way: Way | undefined) => void;
}) {
  const reading = useReading();
  return (
    <ul aria-label="Other ways">
      {alternatives.map(({ name, longer, crossings, way: next }) => (
        <li key={name} className="flex gap-3 border-b border-rule py-1">
          <span className="grow">
            {name},{' '}
            {Math.abs(longer) < 0.05
              ? 'as long'
              : `${showText(Math.abs(longer), 'm', reading)} ${longer > 0 ? 'longer' : 'shorter'}`}
            , {crossings.length === 0 ? 'no crossing' : crossings.map(crossingWords).join(', ')}
          </span>
          <button className="button" aria-label={`Lead it ${name}`} onClick={() => onTake(next)}>
            Take
          </button>
        </li>
      ))}
    </ul>
  );
}
