import { inOrder } from '@idle-satchel/core';
import {
  BARS,
  scheduleDrawing,
  type ScheduleBar,
  type ScheduleDrawing,
  type SchedulePart,
  type ScheduleRow,
} from '@idle-satchel/core/schedule-drawing';
import { useMemo, useState, type KeyboardEvent } from 'react';
import { useEvent, useReading, useStore } from '../../store/hooks.js';
import { usePointerDrag } from '../../ui/pointer-drag.js';

/** What each part is called, as a region and as a drawing, and what stands there before one was accepted. */
const PARTS: Readonly<Record<SchedulePart, { region: string; drawing: string; none: string }>> = {
  work: {
    region: 'Getting ready',
    drawing: 'Who does what before the rehearsal',
    none: 'Look for who does what and in which order, and take it: then everybody’s work is drawn here.',
  },
  strike: {
    region: 'Striking, person by person',
    drawing: 'Who strikes what',
    none: 'Take an order that has the strike in it: then everybody’s striking is drawn here.',
  },
};

/** Everybody’s work of one part along the time after the call, or the end; a bar that is moved begins no earlier. */
export default function ScheduleBars({ part }: { part: SchedulePart }) {
  const bundle = useEvent(state => state.bundle);
  const assessment = useEvent(state => state.assessment);
  const reading = useReading();
  const store = useStore();
  const [looked, setLooked] = useState<string>();
  // Not drawn anew while the pointer only passes over it.
  const drawing = useMemo(
    () => scheduleDrawing(bundle, assessment, reading, part),
    [bundle, assessment, reading, part],
  );
  if (!drawing) return <p className="text-faint">{PARTS[part].none}</p>;
  const shown = drawing.rows.flatMap(({ bars }) => bars).find(({ key }) => key === looked);
  const fixed = inOrder(bundle.plan.schedule?.[part]).filter(([, { notBefore }]) => notBefore !== undefined);
  return (
    <>
      <div className="overflow-x-auto" role="region" aria-label={PARTS[part].region} tabIndex={0}>
        <div className="max-md:w-[700px]">
          <Bars part={part} drawing={drawing} look={setLooked} />
        </div>
      </div>
      <p className="text-[13px] leading-5 h-10 max-md:h-20" aria-live="polite">
        {shown === undefined ? (
          <span className="text-faint">
            A thick edge: any delay of it delays everything. Drag a bar, or use the arrow keys on it, and it
            begins no earlier than there, with a peg on it; Delete takes the peg out.
          </span>
        ) : (
          <>
            <b>{shown.label}</b>, {shown.when}
          </>
        )}
      </p>
      <div className="flex gap-2 mt-1">
        {fixed.length > 0 && (
          <button
            className="button"
            onClick={() =>
              store.editPlan('Let all work begin as soon as it can', plan =>
                plan.each(fixed, (edit, [id]) => edit.drop('schedule', part, id, 'notBefore')),
              )
            }
          >
            Let all begin as soon as they can
          </button>
        )}
        {part === 'work' && (
          <button
            className="button"
            onClick={() => store.editPlan('Take the schedule out', plan => plan.drop('schedule'))}
          >
            Take the schedule out
          </button>
        )}
      </div>
    </>
  );
}

type Look = (key: string | undefined) => void;

function Bars({ part, drawing, look }: { part: SchedulePart; drawing: ScheduleDrawing; look: Look }) {
  const { height, ticks, rows, ready, due } = drawing;
  return (
    <svg
      className="plan w-full max-w-[860px]"
      viewBox={`0 0 ${BARS.width} ${height}`}
      role="group"
      aria-label={PARTS[part].drawing}
    >
      {ticks.map(({ x, clock }) => (
        <g key={x}>
          <path d={`M${x},16V${height - 20}`} stroke="var(--rule)" />
          <text x={x + 3} y={12} fontSize={11.5} fill="var(--faint-word)">
            {clock}
          </text>
        </g>
      ))}
      {rows.map(row => (
        <Row key={row.person} part={part} row={row} minute={drawing.minute} look={look} />
      ))}
      {ready && (
        <g>
          <path d={`M${ready.x},18V${height - 16}`} stroke="var(--brass)" strokeWidth={2} />
          <text x={ready.x - 4} y={height - 5} fontSize={12} textAnchor="end" fill="var(--ink)">
            {ready.words}
          </text>
        </g>
      )}
      {due && <path d={`M${due.x},18V${height - 16}`} stroke="var(--ink)" strokeDasharray="4 3" />}
      {due && (
        <text x={due.x - 4} y={26} fontSize={12} textAnchor="end" fill="var(--ink)">
          {due.words}
        </text>
      )}
    </svg>
  );
}

function Row({
  row: { name, free, y, bars },
  ...rest
}: {
  part: SchedulePart;
  row: ScheduleRow;
  minute: number;
  look: Look;
}) {
  return (
    <g>
      <text x={BARS.left} y={y - 5} fontSize={12.5} fill="var(--ink)">
        <tspan fontWeight={600}>{name}</tspan>
        <tspan fill="var(--faint-word)">{free > 0 ? ` · ${free} min free` : ''}</tspan>
      </text>
      {bars.map(bar => (
        <Bar key={bar.key} bar={bar} y={y} {...rest} />
      ))}
    </g>
  );
}

function Bar({
  part,
  bar,
  y,
  minute,
  look,
}: {
  part: SchedulePart;
  bar: ScheduleBar;
  y: number;
  minute: number;
  look: Look;
}) {
  const store = useStore();
  const begin = usePointerDrag();
  const [by, setBy] = useState(0);
  const { work, label, when, x, width, words, critical, fixed } = bar;
  const moveTo = (minutes: number): void =>
    store.editPlan(`Begin “${label}” no earlier`, plan =>
      plan.put('schedule', part, work, 'notBefore', Math.max(0, Math.round(minutes))),
    );
  const onKeyDown = (event: KeyboardEvent): void => {
    const step = event.shiftKey ? 5 : 1;
    if (event.key === 'ArrowRight') moveTo(bar.begins + step);
    else if (event.key === 'ArrowLeft') moveTo(bar.begins - step);
    else if ((event.key === 'Delete' || event.key === 'Backspace') && fixed)
      store.editPlan(`Begin “${label}” as soon as it can`, plan =>
        plan.drop('schedule', part, work, 'notBefore'),
      );
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={`${label}, ${when}${critical ? ', any delay delays everything' : ''}${fixed ? ', fixed' : ''}`}
      transform={`translate(${by},0)`}
      className="cursor-ew-resize"
      style={{ touchAction: 'none' }}
      onKeyDown={onKeyDown}
      onFocus={() => look(bar.key)}
      onBlur={() => look(undefined)}
      onPointerEnter={() => look(bar.key)}
      onPointerLeave={() => look(undefined)}
      onPointerDown={event => {
        const svg = event.currentTarget.ownerSVGElement;
        const scale = BARS.width / (svg?.getBoundingClientRect().width || BARS.width);
        const from = event.clientX;
        begin(event, {
          move: ({ clientX }) => setBy((clientX - from) * scale),
          drop: ({ clientX }, moved) => {
            setBy(0);
            if (moved) moveTo(bar.begins + ((clientX - from) * scale) / minute);
          },
          cancel: () => setBy(0),
        });
      }}
    >
      <title>{`${label}, ${when}`}</title>
      <rect
        x={x}
        y={y}
        width={Math.max(2, width)}
        height={BARS.bar}
        fill="var(--shade)"
        stroke="var(--ink)"
        strokeWidth={critical ? 2.5 : 1}
      />
      {words && (
        <text x={x + 4} y={y + 16} fontSize={11.5} fill="var(--ink)">
          {words}
        </text>
      )}
      {fixed && <path d={`M${x - 4},${y - 8}h8l-4,8z`} fill="var(--brass)" />}
    </g>
  );
}
