import type { PlacedName } from '@idle-satchel/core';

/** Names on the plan where they were placed. */
export const LabelsLayer = ({ labels }: { labels: readonly PlacedName[] }) =>
  labels.map(({ key, text, size, bold, at: { x, y, upright } }) => (
    <text
      key={key}
      className="over"
      x={x}
      y={y + size * 0.35}
      textAnchor="middle"
      fontSize={size}
      fontWeight={bold ? 600 : undefined}
      fill={bold ? 'var(--ink)' : 'var(--faint-word)'}
      transform={upright ? `rotate(-90 ${x} ${y})` : undefined}
    >
      {text}
    </text>
  ));
