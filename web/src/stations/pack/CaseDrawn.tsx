import { useState, type KeyboardEvent, type PointerEvent } from 'react';
import {
  caseFromCorner,
  type CaseFace,
  type CaseLayer,
  type CasePicture,
  type Nudge,
  type ThingInCase,
} from '@idle-satchel/core';
import { usePointerDrag } from '../../ui/pointer-drag.js';
import { STEPS } from '../../ui/shortcuts.js';

/** Pixels of the longer side of a layer, and of the picture from a corner. */
const LAYER = 220;
const CORNER = 300;

const FILL = { top: 'var(--tape)', front: 'var(--paper)', right: 'var(--rule)', inside: 'none' } as const;

/** Moves a thing, where there is room for it so. */
export type MoveThing = (line: string, nudge: Nudge) => void;

/** How far an arrow key moves a thing, and with Shift, m. */
const STEP = 0.01;
const STRIDE = 0.05;

/** A thing in its layer: pulled with the pointer, or moved and turned by keys. */
function MovableThing({
  thing,
  scale,
  depth,
  onMove,
}: {
  thing: ThingInCase;
  /** px for each m. */
  scale: number;
  /** Of the case, m. */
  depth: number;
  onMove: MoveThing;
}) {
  const begin = usePointerDrag();
  const [pulled, setPulled] = useState<readonly [right: number, away: number]>();
  const { line, number, purpose, at, sides } = thing;
  const press = (event: PointerEvent<SVGGElement>): void => {
    if (event.button !== 0) return;
    const { clientX, clientY } = event;
    const by = (where: { clientX: number; clientY: number }): [number, number] => [
      (where.clientX - clientX) / scale,
      (clientY - where.clientY) / scale,
    ];
    begin(event, {
      move: where => setPulled(by(where)),
      drop: (where, moved) => {
        setPulled(undefined);
        if (moved) onMove(line, { by: by(where) });
      },
      cancel: () => setPulled(undefined),
    });
  };
  const key = (event: KeyboardEvent): void => {
    const step = STEPS[event.key];
    if (!step && event.key !== 'r') return;
    event.preventDefault();
    event.stopPropagation();
    const far = event.shiftKey ? STRIDE : STEP;
    onMove(line, step ? { by: [step[0] * far, -step[1] * far] } : 'turn');
  };
  const [x, y, width, height] = [at[0], depth - at[1] - sides[1], sides[0], sides[1]].map(
    each => each * scale,
  ) as [number, number, number, number];
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={`${number} ${purpose}: arrow keys move it, r turns it`}
      className="cursor-grab touch-none"
      transform={pulled && `translate(${pulled[0] * scale} ${-pulled[1] * scale})`}
      onPointerDown={press}
      onKeyDown={key}
    >
      <rect {...{ x, y, width, height }} fill={FILL.top} stroke="var(--ink)" />
      <text x={x + width / 2} y={y + height / 2 + 4} textAnchor="middle" fontSize="12" fill="var(--ink)">
        {number}
      </text>
    </g>
  );
}

/** One layer from above, numbered in the order in which one packs; what reaches up from below is dashed. */
function LayerDrawn({
  picture: { width, depth, built },
  layer,
  title,
  onMove,
}: {
  picture: CasePicture;
  layer: CaseLayer;
  title: string;
  onMove: MoveThing;
}) {
  const scale = LAYER / Math.max(width, depth);
  // The front is below, as one stands before the open case.
  const top = (y: number, d: number): number => (depth - y - d) * scale;
  return (
    <figure className="m-0">
      <svg
        className="plan block"
        width={width * scale + 2}
        height={depth * scale + 2}
        viewBox={`-1 -1 ${width * scale + 2} ${depth * scale + 2}`}
        role="group"
        aria-label={`${title}: ${layer.things.map(({ number, purpose }) => `${number} ${purpose}`).join(', ')}`}
      >
        <rect width={width * scale} height={depth * scale} fill="none" stroke="var(--ink)" />
        {built.map(({ at: [x, y, z], sides: [w, d, h] }) =>
          layer.at < z + h ? (
            <rect
              key={`${x} ${y}`}
              x={x * scale}
              y={top(y, d)}
              width={w * scale}
              height={d * scale}
              fill="var(--rule)"
              stroke="var(--faint)"
            />
          ) : null,
        )}
        {layer.below.map(({ line, at: [x, y], sides: [w, d] }) => (
          <rect
            key={line}
            x={x * scale}
            y={top(y, d)}
            width={w * scale}
            height={d * scale}
            fill="none"
            stroke="var(--faint)"
            strokeDasharray="4 3"
          />
        ))}
        {layer.things.map(thing => (
          <MovableThing key={thing.line} thing={thing} {...{ scale, depth, onMove }} />
        ))}
      </svg>
      <figcaption className="text-faint text-[12.5px]">{title}</figcaption>
    </figure>
  );
}

/** Every layer, and the list of what is numbered in them; what lies somewhere in it comes last. */
export function Layers({
  picture,
  after = '',
  onMove,
}: {
  picture: CasePicture;
  after?: string;
  onMove: MoveThing;
}) {
  const { layers, things, somewhere } = picture;
  return (
    <>
      <div className="flex flex-wrap gap-4">
        {layers.map((layer, i) => (
          <LayerDrawn
            key={layer.at}
            picture={picture}
            layer={layer}
            title={`Layer ${i + 1} of ${layers.length}${after}`}
            onMove={onMove}
          />
        ))}
      </div>
      <ol className="text-[13px] columns-2 max-md:columns-1 pt-2">
        {things.map(({ line, number, purpose, label }) => (
          <li key={line} className="break-inside-avoid">
            <span className="value">{number}</span> {purpose} <span className="text-faint">{label}</span>
          </li>
        ))}
      </ol>
      {somewhere.length > 0 && (
        <p className="text-[13px] pt-1">
          Somewhere in it: {somewhere.map(({ purpose }) => purpose).join(', ')}.
        </p>
      )}
    </>
  );
}

/** The whole case from above its right front corner. */
export function CornerDrawn({ picture, label }: { picture: CasePicture; label: string }) {
  const { inside, things, width, height } = caseFromCorner(picture);
  const scale = CORNER / Math.max(width, height);
  return (
    <figure className="m-0">
      <svg
        className="plan block"
        width={width * scale + 2}
        height={height * scale + 2}
        viewBox={`-1 -1 ${width * scale + 2} ${height * scale + 2}`}
        role="img"
        aria-label={`${label} from a corner, ${picture.things.length} things`}
      >
        {inside.map((face, i) => (
          <Face key={i} face={face} scale={scale} />
        ))}
        {things.map(({ number, faces, at: [x, y] }, i) => (
          <g key={i}>
            {faces.map(face => (
              <Face key={face.side} face={face} scale={scale} />
            ))}
            {number > 0 && (
              <text x={x * scale} y={y * scale + 4} textAnchor="middle" fontSize="10.5" fill="var(--ink)">
                {number}
              </text>
            )}
          </g>
        ))}
      </svg>
      <figcaption className="text-faint text-[12.5px]">From the right front corner</figcaption>
    </figure>
  );
}

const Face = ({ face: { side, points }, scale }: { face: CaseFace; scale: number }) => (
  <polygon
    points={points.map(([x, y]) => `${x * scale},${y * scale}`).join(' ')}
    fill={FILL[side]}
    stroke={side === 'inside' ? 'var(--faint)' : 'var(--ink)'}
    strokeWidth={0.75}
  />
);
