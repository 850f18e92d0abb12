import { boundsOf, px, type Venue } from '@idle-satchel/core';
import { galleryAt, type Position } from '@idle-satchel/core/searches';
import { useSyncExternalStore, type MouseEvent, type RefObject } from 'react';
import { floorUnder } from '../../../bench/viewport.js';
import { positions } from './positions.js';
import { askWhyNot } from './searching.js';

/** Places that the search found, was refused or told to keep, and the one asked about; a click asks about another. */
export default function PositionsLayer({
  world,
  venue,
  lettering,
}: {
  world: RefObject<SVGGElement | null>;
  venue: Venue;
  lettering: number;
}) {
  const state = useSyncExternalStore(positions.subscribe, positions.get);
  if (!state) return null;
  const { found, chosen, options, asked } = state;
  const layout = found?.layouts[chosen];
  const { min, max } = boundsOf(venue.outline);
  const ask = (event: MouseEvent): void => {
    const at = floorUnder(world.current)?.at(event);
    if (at) askWhyNot([rounded(at[0]), rounded(at[1])], galleryAt(venue, at));
  };
  return (
    <g>
      {layout && (
        <rect
          x={px(min[0])}
          y={px(min[1])}
          width={px(max[0] - min[0])}
          height={px(max[1] - min[1])}
          fill="transparent"
          className="cursor-help"
          onClick={ask}
        />
      )}
      <g pointerEvents="none" fontSize={13 * lettering} fontWeight={600}>
        {(['refused', 'insisted'] as const).flatMap(kind =>
          options[kind].map(({ at, radius }, i) => (
            <g key={`${kind}${i}`}>
              <circle
                cx={px(at[0])}
                cy={px(at[1])}
                r={px(radius)}
                fill="none"
                stroke={kind === 'refused' ? 'var(--madder)' : 'var(--brass)'}
                strokeWidth={1.6 * lettering}
                strokeDasharray="5 4"
              />
              <text
                className="over"
                x={px(at[0])}
                y={px(at[1] - radius) - 4}
                textAnchor="middle"
                fill="var(--ink)"
              >
                {kind === 'refused' ? 'none here' : 'one here'}
              </text>
            </g>
          )),
        )}
        {layout?.positions.map(({ device, label, at, stays, serves }) => (
          <PositionShape
            key={device}
            label={label}
            at={at}
            stays={stays}
            serves={serves}
            lettering={lettering}
          />
        ))}
        {asked && (
          <text
            className="over"
            x={px(asked.at[0])}
            y={px(asked.at[1]) + 6 * lettering}
            textAnchor="middle"
            fontSize={20 * lettering}
            fill="var(--ink)"
          >
            ?
          </text>
        )}
      </g>
    </g>
  );
}

const rounded = (metres: number): number => Math.round(metres * 100) / 100;

/** One place of a camera, with lines to the marks it shows. */
function PositionShape({
  label,
  at,
  stays,
  serves,
  lettering,
}: Pick<Position, 'label' | 'at' | 'stays' | 'serves'> & { lettering: number }) {
  return (
    <g>
      {serves.map(({ shot, mark, second }) => (
        <line
          key={`${shot}${second ? 2 : 1}`}
          x1={px(at[0])}
          y1={px(at[1])}
          x2={px(mark[0])}
          y2={px(mark[1])}
          stroke="var(--brass)"
          strokeWidth={(second ? 0.8 : 1.6) * lettering}
          strokeDasharray={second ? '2 5' : undefined}
        />
      ))}
      <circle
        cx={px(at[0])}
        cy={px(at[1])}
        r={9 * lettering}
        fill={stays ? 'var(--paper)' : 'var(--brass)'}
        stroke="var(--ink)"
        strokeWidth={1.6 * lettering}
      />
      <text
        className="over"
        x={px(at[0])}
        y={px(at[1]) + 26 * lettering}
        textAnchor="middle"
        fill="var(--ink)"
        style={{ fontFamily: 'var(--font-tape)' }}
      >
        {label}
      </text>
    </g>
  );
}
