import { sectionOf, showText, type InSection, type Section, type SectionPart } from '@idle-satchel/core';
import { useRef } from 'react';
import { useSize } from '../../../bench/use-size.js';
import { useEvent, useReading } from '../../../store/hooks.js';

const PARTS: Readonly<
  Record<SectionPart['kind'], { fill: string; stroke: string; dash?: string; words: string }>
> = {
  floor: { fill: 'var(--shade)', stroke: 'var(--ink)', words: 'floor' },
  seats: { fill: 'none', stroke: 'var(--faint)', words: 'seats' },
  seated: { fill: 'var(--slate)', stroke: 'none', words: 'heads, seated' },
  standing: { fill: 'none', stroke: 'var(--slate)', dash: '3 3', words: 'heads, standing' },
  furniture: { fill: 'var(--shade)', stroke: 'var(--ink)', words: 'furniture' },
  hanging: { fill: 'var(--ink)', stroke: 'var(--ink)', words: 'gallery or hanging' },
};
const MARGIN = 12;
const LEAST = 0.1;

/** The line of sight of a shot, side on: what it passes over and beneath, and by how much. */
export default function SectionPicture({ shot }: { shot: string }) {
  const bundle = useEvent(state => state.bundle);
  const assessment = useEvent(state => state.assessment);
  const frame = useRef<HTMLDivElement>(null);
  const { width } = useSize(frame);
  const section = sectionOf(bundle, assessment, shot);
  if (!section)
    return <p className="text-faint">Nothing to see yet: its camera has no place, or stands on the mark.</p>;
  return <div ref={frame}>{width > 0 && <Drawn section={section} width={width} />}</div>;
}

function Drawn({ section, width }: { section: Section; width: number }) {
  const reading = useReading();
  const { run, top, bottom, lens, eyes, lowest, parts, clearances } = section;
  const scale = (width - 2 * MARGIN) / (run + 2);
  const height = (top - bottom + 0.6) * scale;
  const xy = ([along, up]: InSection): [number, number] => [
    MARGIN + (along + 1) * scale,
    (top + 0.3 - up) * scale,
  ];
  const points = (list: readonly InSection[]): string => list.map(each => xy(each).join()).join(' ');
  const words = (figure: (typeof clearances)[number]['figure']): string =>
    typeof figure.value === 'number' ? showText(figure.value, 'm', reading) : '';
  const [zero] = [xy([0, 0])[1]];
  return (
    <svg
      width={width}
      height={height}
      role="img"
      aria-label={`Section from lens to subject, ${showText(run, 'm', reading)} long: ${clearances.map(({ figure, name }) => `${NAMES[name]} ${words(figure)}`).join(', ')}`}
      className="block"
    >
      <line x1={0} x2={width} y1={zero} y2={zero} stroke="var(--ink)" />
      {parts.map(({ kind, label, points: list }, i) => {
        const { fill, stroke, dash } = PARTS[kind];
        return (
          <polygon
            key={i}
            points={points(list)}
            fill={fill}
            fillOpacity={0.5}
            stroke={stroke}
            strokeDasharray={dash}
          >
            <title>{`${label}: ${PARTS[kind].words}`}</title>
          </polygon>
        );
      })}
      <polyline points={points([eyes, lens, lowest])} fill="none" stroke="var(--brass)" strokeWidth={1.6} />
      <line
        {...ends(xy(lowest), xy([run, eyes[1] + 0.12]))}
        stroke="var(--brass)"
        strokeWidth={4}
        strokeLinecap="round"
      />
      <circle cx={xy(lens)[0]} cy={xy(lens)[1]} r={4} fill="var(--slate)" />
      {clearances.map(({ name, figure, from, to }, i) => {
        const bad = typeof figure.value === 'number' && figure.value < LEAST;
        const [x, y] = xy(from);
        const ink = bad ? 'var(--madder)' : 'var(--ink)';
        return (
          <g key={name} stroke={ink} fill={ink}>
            <line {...ends(xy(from), xy(to))} strokeWidth={bad ? 2.4 : 1.4} />
            <text
              className="over"
              x={Math.min(width - 70, x + 5)}
              y={Math.max(12, y - 4 - 13 * i)}
              fontSize={12}
              stroke="none"
            >
              {`${NAMES[name]} ${words(figure)}${bad ? ' !' : ''}`}
            </text>
          </g>
        );
      })}
    </svg>
  );
}

const NAMES = { overSeated: 'over seated', overStanding: 'over standing', pastSolids: 'past solid' } as const;

const ends = ([x1, y1]: readonly [number, number], [x2, y2]: readonly [number, number]) => ({
  x1,
  y1,
  x2,
  y2,
});
