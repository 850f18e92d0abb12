import type { PaperMark } from '@idle-satchel/core';

/** Marks that are drawn on paper, in the ink of the screen. */
export function InkMarks({
  marks,
  width,
  height,
  title,
  className,
}: {
  marks: readonly PaperMark[];
  width: number;
  height: number;
  title: string;
  className?: string;
}) {
  return (
    <svg role="img" aria-label={title} viewBox={`0 0 ${width} ${height}`} className={className}>
      {marks.map((mark, i) => (
        <Mark key={i} mark={mark} />
      ))}
    </svg>
  );
}

function Mark({ mark }: { mark: PaperMark }) {
  const dash = 'dash' in mark && mark.dash.length > 0 ? mark.dash.join(' ') : undefined;
  const [x, y] = 'at' in mark ? mark.at : [0, 0];
  switch (mark.mark) {
    case 'rect':
      return (
        <rect
          {...{ x, y, width: mark.width, height: mark.height }}
          fill={mark.fill === 'white' ? 'var(--paper)' : 'var(--shade)'}
          stroke="var(--ink)"
          strokeDasharray={dash}
        />
      );
    case 'line':
      return (
        <polyline
          points={mark.points.map(point => point.join(',')).join(' ')}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={1.3}
          strokeDasharray={dash}
        />
      );
    case 'dot':
      return (
        <circle cx={x} cy={y} r={3} fill={mark.open ? 'var(--paper)' : 'var(--ink)'} stroke="var(--ink)" />
      );
    case 'path':
      return (
        <path
          d={mark.d}
          transform={`translate(${x} ${y}) scale(0.8)`}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={0.9}
        />
      );
    case 'text':
      return (
        <text
          {...{ x, y }}
          fontSize={mark.size}
          textAnchor={mark.anchor}
          fontWeight={mark.bold ? 600 : undefined}
          fill="var(--ink)"
        >
          {mark.text}
        </text>
      );
  }
}
