import {
  BOX,
  FACE,
  faceOf,
  fitted,
  lettersIn,
  type DeviceBox,
  type Fit,
  type Kind,
} from '@idle-satchel/core';
import { memo, type PointerEvent } from 'react';
import { portKey } from './use-pull.js';

const TAPE_LETTERS = { fontFamily: 'var(--font-tape)', letterSpacing: '.04em' } as const;

/** A device with its face and its ports: inputs on the left, outputs on the right. */
export const BoxShape = memo(function BoxShape({
  box,
  kind,
  x,
  y,
  on,
  lit,
  fits,
  onGrab,
  onPull,
}: {
  box: DeviceBox;
  kind: Kind | undefined;
  x: number;
  y: number;
  on: boolean;
  /** False while a trace does not run through it. */
  lit: boolean;
  /** What each port says to the lead that is being pulled; undefined while none is. */
  fits: ReadonlyMap<string, Fit> | undefined;
  onGrab: (box: DeviceBox, event: PointerEvent<SVGElement>) => void;
  onPull: (box: DeviceBox, port: string, event: PointerEvent<SVGElement>) => void;
}) {
  const face = kind && faceOf(kind);
  const letters = lettersIn(box.width);
  const ink = lit && !box.offered ? 'var(--ink)' : 'var(--ink-unlit)';
  const faint = lit && !box.offered ? 'var(--faint-word)' : 'var(--faint-word-unlit)';
  return (
    <g transform={`translate(${x} ${y})`} data-box={box.id}>
      <g className="handle" onPointerDown={event => onGrab(box, event)}>
        <rect
          width={box.width}
          height={box.height}
          fill="var(--paper)"
          stroke={on ? 'var(--brass)' : ink}
          strokeWidth={on ? 2.2 : 1.2}
          strokeDasharray={box.house ? '6 3' : undefined}
        />
        <text x={8} y={16} fontSize={14} fontWeight={600} fill={ink} style={TAPE_LETTERS}>
          {fitted(box.label, letters.name)}
        </text>
        <text x={8} y={29} fontSize={10} fill={faint}>
          {fitted(box.kind, letters.kind)}
        </text>
        {face && (
          <path
            d={face.body + face.sockets}
            transform={`translate(${box.width - FACE.width * 0.8 - 5} 3) scale(.8)`}
            fill="none"
            stroke={faint}
            strokeWidth={1}
          />
        )}
      </g>
      {box.pins.map(pin => {
        const key = portKey(pin.end);
        const state = fits === undefined ? 'idle' : fits.get(key)?.fits ? 'fits' : 'refused';
        const left = pin.side === 'in';
        return (
          <g
            key={pin.port}
            className="handle"
            data-port={key}
            onPointerDown={event => onPull(box, pin.port, event)}
            style={{ cursor: 'crosshair' }}
          >
            <rect
              x={left ? -9 : box.width / 2}
              y={pin.y - BOX.pin / 2}
              width={box.width / 2 + 9}
              height={BOX.pin}
              fill="transparent"
            />
            {state === 'fits' && (
              <circle
                cx={left ? 0 : box.width}
                cy={pin.y}
                r={7}
                fill="none"
                stroke="var(--brass)"
                strokeWidth={2}
              />
            )}
            <circle
              cx={left ? 0 : box.width}
              cy={pin.y}
              r={3}
              fill={left && pin.used ? ink : 'var(--paper)'}
              stroke={ink}
              strokeWidth={1.4}
            />
            <text
              x={left ? 8 : box.width - 8}
              y={pin.y + 4}
              textAnchor={left ? 'start' : 'end'}
              fontSize={11.5}
              fill={state === 'refused' ? 'var(--faint-word-unlit)' : pin.used ? ink : faint}
            >
              {fitted(pin.label, letters.pin)}
            </text>
          </g>
        );
      })}
    </g>
  );
});
