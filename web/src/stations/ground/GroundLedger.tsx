import {
  adoptInVenue,
  dropFromVenue,
  inOrder,
  SHORTEST,
  showText,
  stretchVenue,
  valueAt,
} from '@idle-satchel/core';
import { FigureRow, Heading, useWorkingKey } from '../../ledger/Ledger.js';
import { LengthField } from '../../ledger/LengthField.js';
import { useFlags } from '../../ledger/flags.js';
import { useEvent, usePlan, useReading, useResult, useStore } from '../../store/hooks.js';

/** Ground: the venue for this event – its measures, marks and supplies, and what differs here from the survey. */
export default function GroundLedger() {
  useWorkingKey();
  const store = useStore();
  const ground = useResult('ground');
  const flag = useFlags();
  const reading = useReading();
  const { venue } = ground;
  const stretch = (id: string, label: string, metres: number): void => {
    const patch = stretchVenue(venue, store.get().bundle.plan, id, metres);
    if (patch.length > 0) store.patchPlan(`${label} ${showText(metres, 'm', reading)}`, patch);
  };
  return (
    <>
      <div className="flex items-center gap-3 pt-1">
        <span className="tape">{venue.name}</span>
      </div>
      <Heading right={<span className="text-[12.5px]">for this event only</span>}>Measures</Heading>
      {inOrder(venue.dimensions).map(([id, { label, from, to }]) => (
        <LengthField
          key={id}
          label={label}
          value={to - from}
          min={SHORTEST}
          max={200}
          onCommit={metres => stretch(id, label, metres)}
        />
      ))}
      <FigureRow label="Extent, west to east" figure={ground.length} path="ground.length" />
      <FigureRow label="Extent, north to south" figure={ground.width} path="ground.width" />
      <FigureRow label="Floor area" figure={ground.floorArea} path="ground.floorArea" />
      <Guesses />
      <Heading>Light at the marks</Heading>
      {inOrder(venue.marks).map(([id, { label }]) => {
        const figure = ground.marks[id]?.light;
        return (
          figure && <FigureRow key={id} label={label} figure={figure} path={`ground.marks.${id}.light`} />
        );
      })}
      {Object.entries(ground.aisles).map(([id, { width, wideEnough }]) => (
        <div key={id}>
          <Heading about={venue.areas?.[id]?.label}>Keep clear</Heading>
          <FigureRow
            label="Width"
            figure={width}
            path={`ground.aisles.${id}.width`}
            flag={flag(`ground.aisles.${id}.width`)}
          />
          <FigureRow
            label="Wide enough by the rule"
            figure={wideEnough}
            path={`ground.aisles.${id}.wideEnough`}
          >
            the venue’s fire plan and local code decide
          </FigureRow>
        </div>
      ))}
      <Heading>Sockets and circuits</Heading>
      {inOrder(venue.sockets).map(([id, { label, outlets, amps, circuit }]) => (
        <p key={id} className="py-1 border-b border-rule flex gap-2">
          <span className="grow">{label}</span>
          <span className="text-faint">
            {outlets} × {amps} A · {venue.circuits?.[circuit ?? '']?.label ?? 'breaker not known'}
          </span>
        </p>
      ))}
      <Differences />
    </>
  );
}

/** What the survey guessed: measured by typing the length above, or said to be right as it is. */
function Guesses() {
  const store = useStore();
  const { guesses } = useResult('ground').venue;
  const list = inOrder(guesses);
  if (list.length === 0) return null;
  return (
    <>
      <Heading>Guessed, not measured</Heading>
      {list.map(([id, { label }]) => (
        <p key={id} className="flex gap-2 py-1 border-b border-rule">
          <span className="grow">{label}</span>
          <button
            className="link"
            aria-label={`${label} is right`}
            onClick={() => {
              const changes = store.get().bundle.plan.venueChanges;
              store.patchPlan(`Confirm ${label}`.slice(0, 120), dropFromVenue(changes, [`/guesses/${id}`]));
            }}
          >
            It is right
          </button>
        </p>
      ))}
    </>
  );
}

/** What this event changed about the venue; each can be dropped. */
function Differences() {
  const store = useStore();
  const changes = usePlan(plan => plan.venueChanges);
  const pinned = usePlan(plan => plan.venue.revision);
  const venueNow = useEvent(state => state.venueNow);
  const seen = useResult('ground').venue;
  const list = inOrder(changes);
  const newest = venueNow === pinned;
  const adopt = (ids: readonly string[]): void => {
    const { plan, venue } = store.get().bundle;
    const patches = adoptInVenue(venue, plan, ids);
    if (patches.length > 0) store.commit('Keep changes in the survey', patches);
  };
  /** `areas · pews north · outline` instead of ids, where the record is still there. */
  const wordsOf = (path: string): string => {
    const [, map = '', id = '', ...rest] = path.split('/');
    const record = valueAt(seen, `/${map}/${id}`) as { label?: string } | undefined;
    return [map, record?.label ?? id, ...rest].filter(Boolean).join(' · ');
  };
  return (
    <>
      <Heading right={<span className="text-[12.5px]">survey {pinned}</span>}>
        Different here from the survey
      </Heading>
      {venueNow > pinned && (
        <p className="py-2">
          The survey was corrected since (now {venueNow}).{' '}
          <button
            className="link"
            onClick={() =>
              store.patchPlan('Take over the newer survey', [
                { op: 'replace', path: '/venue/revision', value: venueNow },
              ])
            }
          >
            Take it over
          </button>
        </p>
      )}
      {list.length === 0 && <p className="text-faint py-1">Nothing: the venue is as it was surveyed.</p>}
      {list.length > 0 && (
        <p className="py-1 flex gap-4">
          {newest && (
            <button className="link" onClick={() => adopt(list.map(([id]) => id))}>
              Keep all {list.length} in the survey
            </button>
          )}
          <button
            className="link"
            onClick={() =>
              store.patchPlan('Drop all changes to the venue', [{ op: 'remove', path: '/venueChanges' }])
            }
          >
            Drop all
          </button>
        </p>
      )}
      {list.map(([id, { path, value }]) => (
        <p key={id} className="flex gap-3 py-0.5 border-b border-rule text-[13px]">
          <span className="grow truncate" title={JSON.stringify(value)}>
            {wordsOf(path)}
            {value === undefined && <span className="text-faint"> · taken out</span>}
          </span>
          {newest && (
            <button className="link" onClick={() => adopt([id])}>
              Keep
            </button>
          )}
          <button
            className="link"
            onClick={() =>
              store.patchPlan('Drop a change to the venue', [{ op: 'remove', path: `/venueChanges/${id}` }])
            }
          >
            Drop
          </button>
        </p>
      ))}
    </>
  );
}
