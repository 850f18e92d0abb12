import { pointsOf, px } from '@idle-satchel/core';
import type { RunResult } from '@idle-satchel/core';
import { memo } from 'react';
import { useEvent, useOpenEvent, useUi } from '../store/hooks.js';

/** Line pattern by what a lead carries: never by colour alone. */
const DASH: Readonly<Record<string, string>> = { mains: '10 3 2 3', RJ45: '2 3', XLR: '8 2 2 2 2 2' };

/** Every lead that crosses the floor, drawn where it lies. */
export function RunsLayer({ lit, only }: { lit: boolean; only?: 'mains' }) {
  const { ui } = useOpenEvent();
  const runs = useEvent(state => state.assessment.runs.runs);
  const selected = useUi(state => state.selected);
  return (
    <g data-layer="runs" data-lit={lit} fill="none">
      {Object.entries(runs).map(([id, run]) =>
        run.crosses && (only === undefined || run.connector === only) ? (
          <Run key={id} run={run} on={lit && id === selected} lit={lit} onSelect={() => ui.select(id)} />
        ) : null,
      )}
    </g>
  );
}

const Run = memo(
  function Run({
    run,
    on,
    lit,
    onSelect,
  }: {
    run: RunResult;
    on: boolean;
    lit: boolean;
    onSelect: () => void;
  }) {
    const bad = typeof run.reach.value === 'string' && run.reach.value !== 'within';
    const points = pointsOf(run.points);
    const colour = on ? 'var(--brass)' : bad && lit ? 'var(--madder)' : lit ? 'var(--ink)' : 'var(--faint)';
    return (
      <g>
        <polyline
          points={points}
          stroke={colour}
          strokeWidth={on ? 2.4 : 1.4}
          strokeDasharray={DASH[run.connector] ?? '6 3'}
        />
        {lit && (
          <polyline
            points={points}
            stroke="transparent"
            strokeWidth={10}
            className="handle"
            onClick={onSelect}
          />
        )}
        {on &&
          run.crossings.map(zone => {
            const [x, y] = run.points[Math.floor(run.points.length / 2)] ?? [0, 0];
            return (
              <text key={zone.id} className="over" x={px(x)} y={px(y) - 6} fontSize={11.5} fill="var(--ink)">
                {zone.kind === 'aisle' ? `ramp over ${zone.label}` : `overhead at ${zone.label}`}
              </text>
            );
          })}
      </g>
    );
  },
  (before, after) => before.run === after.run && before.on === after.on && before.lit === after.lit,
);
