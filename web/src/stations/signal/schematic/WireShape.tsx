import { LETTERS, PATTERNS, TAPE, type Point, type Wire } from '@idle-satchel/core';
import { memo } from 'react';

/** A lead with its tape label just behind its output; its pattern tells what it carries. */
export const WireShape = memo(function WireShape({
  wire,
  points,
  on,
  lit,
  onSelect,
}: {
  wire: Wire;
  points: readonly Point[];
  on: boolean;
  lit: boolean;
  onSelect: (id: string) => void;
}) {
  const [[x, y] = [0, 0]] = points;
  const list = points.map(point => point.join()).join(' ');
  const colour = on ? 'var(--brass)' : wire.bad ? 'var(--madder)' : lit ? 'var(--ink)' : 'var(--ink-unlit)';
  const dash = PATTERNS[wire.carries].join(' ');
  return (
    <g data-wire={wire.id}>
      <polyline
        points={list}
        fill="none"
        stroke={colour}
        strokeWidth={on ? 2.6 : 1.4}
        strokeDasharray={dash === '' ? undefined : dash}
      />
      <polyline
        points={list}
        fill="none"
        stroke="transparent"
        strokeWidth={9}
        className="handle"
        onClick={() => onSelect(wire.id)}
      />
      {wire.tape !== '' && (
        <g className="handle" onClick={() => onSelect(wire.id)}>
          <rect
            x={x + TAPE.gap}
            y={y - TAPE.height / 2}
            width={TAPE.width}
            height={TAPE.height}
            fill="var(--tape)"
            stroke={colour}
            strokeWidth={0.8}
          />
          <text
            x={x + TAPE.gap + TAPE.width / 2}
            y={y + 4}
            fontSize={LETTERS.tape}
            fontWeight={600}
            textAnchor="middle"
            fill={wire.bad ? 'var(--madder-word)' : 'var(--ink)'}
            style={{ fontFamily: 'var(--font-tape)' }}
          >
            {wire.bad ? `◆ ${wire.tape}` : wire.tape}
          </text>
        </g>
      )}
    </g>
  );
});
