import {
  BOX,
  FACE,
  FACE_SCALE,
  faceOf,
  LETTERS,
  NAME_BASE,
  type DeviceBox,
  type Fit,
  type Kind,
  type Point,
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
  onSelect,
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
  /** What it is in was chosen. */
  onSelect: (id: string) => void;
  onGrab: (box: DeviceBox, event: PointerEvent<SVGElement>) => void;
  /** `key` of the port that is pulled from, and where its socket is. */
  onPull: (key: string, at: Point, event: PointerEvent<SVGElement>) => void;
}) {
  const face = kind && box.faced ? faceOf(kind) : undefined;
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
        <text
          x={BOX.edge}
          y={NAME_BASE}
          fontSize={LETTERS.name}
          fontWeight={600}
          fill={ink}
          style={TAPE_LETTERS}
        >
          {box.label}
        </text>
        {box.kindLines.map(({ text, y }) => (
          <text key={y} x={BOX.edge} y={y} fontSize={LETTERS.kind} fill={faint}>
            {text}
          </text>
        ))}
        {face && (
          <path
            d={face.body + face.sockets}
            transform={`translate(${box.width - FACE.width * FACE_SCALE - 5} 3) scale(${FACE_SCALE})`}
            fill="none"
            stroke={faint}
            strokeWidth={1}
          />
        )}
      </g>
      {box.place && (
        <g className="handle" data-group={box.place.id} onClick={() => onSelect(box.place?.id ?? '')}>
          <rect
            x={BOX.edge}
            y={box.place.y - BOX.line + 2}
            width={box.width - 2 * BOX.edge}
            height={BOX.line + 2}
            fill="transparent"
          />
          <text x={BOX.edge} y={box.place.y} fontSize={LETTERS.kind} fill={faint} textDecoration="underline">
            {box.place.text}
          </text>
        </g>
      )}
      {box.pins.map(pin => (
        <PinShape
          key={pin.port}
          pin={pin}
          ink={ink}
          faint={faint}
          width={box.width}
          fits={fits === undefined ? undefined : (fits.get(portKey(pin.end))?.fits ?? false)}
          onPull={event =>
            onPull(portKey(pin.end), [x + (pin.side === 'in' ? 0 : box.width), y + pin.y], event)
          }
        />
      ))}
    </g>
  );
});

/** A port: its socket, its name, and a ring while a lead that fits is pulled. */
function PinShape({
  pin,
  width,
  ink,
  faint,
  fits,
  onPull,
}: {
  pin: DeviceBox['pins'][number];
  width: number;
  ink: string;
  faint: string;
  /** What it says to the lead that is pulled; undefined while none is. */
  fits: boolean | undefined;
  onPull: (event: PointerEvent<SVGElement>) => void;
}) {
  const left = pin.side === 'in';
  return (
    <g className="handle" data-port={portKey(pin.end)} onPointerDown={onPull} style={{ cursor: 'crosshair' }}>
      <rect
        x={left ? -9 : width / 2}
        y={pin.y - BOX.pin / 2}
        width={width / 2 + 9}
        height={BOX.pin}
        fill="transparent"
      />
      {fits && (
        <circle cx={left ? 0 : width} cy={pin.y} r={7} fill="none" stroke="var(--brass)" strokeWidth={2} />
      )}
      <circle
        cx={left ? 0 : width}
        cy={pin.y}
        r={3}
        fill={left && pin.used ? ink : 'var(--paper)'}
        stroke={ink}
        strokeWidth={1.4}
      />
      <text
        x={left ? BOX.edge : width - BOX.edge}
        y={pin.y + 4}
        textAnchor={left ? 'start' : 'end'}
        fontSize={LETTERS.pin}
        fill={fits === false ? 'var(--faint-word-unlit)' : pin.used ? ink : faint}
      >
        {pin.label}
      </text>
    </g>
  );
}
