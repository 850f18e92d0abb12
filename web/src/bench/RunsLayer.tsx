import { pointsOf, reachIsGood, type RunResult } from '@idle-satchel/core';
import { lazy, memo, Suspense, useMemo, type RefObject } from 'react';
import { useEvent, useOpenEvent, useUi } from '../store/hooks.js';

const LitRuns = lazy(() => import('./LitRuns.js'));

/** Line pattern by what a lead is: never by colour alone. */
const DASH: Readonly<Partial<Record<RunResult['connector'], string>>> = {
  mains: '10 3 2 3',
  RJ45: '2 3',
  XLR: '8 2 2 2 2 2',
  'TRS 6.35': '8 2 2 2 2 2',
  'HDMI A': '7 3',
  'HDMI C': '7 3',
  'HDMI D': '7 3',
  'fibre LC': '1 4',
  'USB-C': '4 2',
  'USB-A': '4 2',
};

/** Every lead that crosses the floor, drawn where it lies; those that lie together on one band. */
export function RunsLayer({
  lit,
  only,
  world,
  lettering,
}: {
  lit: boolean;
  only: 'mains' | undefined;
  world: RefObject<SVGGElement | null>;
  lettering: number;
}) {
  const { ui } = useOpenEvent();
  const { runs, looms } = useEvent(state => state.assessment.runs);
  const selected = useUi(state => state.selected);
  // The same list while no lead has changed, so that numbers are not placed anew for a click.
  const shown = useMemo(
    () =>
      Object.entries(runs).filter(([, run]) => run.crosses && (only === undefined || run.connector === only)),
    [runs, only],
  );
  return (
    <g data-layer="runs" data-lit={lit} fill="none">
      {lit &&
        only === undefined &&
        Object.entries(looms).map(([id, { lines }]) =>
          lines.map((line, i) => (
            <polyline
              key={`${id} ${i}`}
              points={pointsOf(line)}
              stroke="var(--rule)"
              strokeWidth={8}
              strokeLinejoin="round"
            />
          )),
        )}
      {shown.map(([id, run]) => (
        <Run key={id} run={run} on={lit && id === selected} lit={lit} onSelect={() => ui.select(id)} />
      ))}
      {lit && (
        <Suspense>
          <LitRuns shown={shown} dropped={only === 'mains'} world={world} lettering={lettering} />
        </Suspense>
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
    const bad = !reachIsGood(run.reach);
    const points = pointsOf(run.points);
    const colour = on ? 'var(--brass)' : bad && lit ? 'var(--madder)' : lit ? 'var(--ink)' : 'var(--faint)';
    return (
      <g>
        <polyline
          points={points}
          stroke={colour}
          strokeWidth={on ? 2.4 : 1.4}
          strokeDasharray={DASH[run.connector]}
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
      </g>
    );
  },
  (before, after) => before.run === after.run && before.on === after.on && before.lit === after.lit,
);
