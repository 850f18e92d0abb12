import { px } from '@idle-satchel/core';
import { useRef, type MouseEvent } from 'react';
import type { Point, Unmeasured, Venue } from '@idle-satchel/core';
import { GroundLayer } from '../../bench/GroundLayer.js';
import { Hatches } from '../../bench/Hatches.js';
import { SocketsLayer } from '../../bench/SocketsLayer.js';
import { Sheet } from '../../bench/Sheet.js';
import { useSize } from '../../bench/use-size.js';
import { isHeavy } from '../../bench/use-drawn-venue.js';
import { useGroundNames } from '../../bench/use-ground-names.js';
import { floorUnder, useViewport } from '../../bench/viewport.js';
import { useReading, useStore } from '../../store/hooks.js';

const NONE: ReadonlySet<never> = new Set();
const MARGIN = { left: 16, right: 16, top: 22, bottom: 22 };

/** The plan in the hand: a tap says where one stands, two fingers look closer; rings show what is not known. */
export function WalkPlan({
  venue,
  items,
  here,
  onHere,
}: {
  venue: Venue;
  items: readonly Unmeasured[];
  here: Point | undefined;
  onHere: (at: Point) => void;
}) {
  const store = useStore();
  const reading = useReading();
  const frame = useRef<HTMLDivElement>(null);
  const size = useSize(frame);
  const { surface, svg, world, ground, lettering } = useViewport(`walk ${store.id}`, venue.outline, size, {
    margin: MARGIN,
    heavy: isHeavy(venue),
  });
  const names = useGroundNames({ venue, reading, lettering, lit: false, faint: NONE });
  const stand = (event: MouseEvent): void => {
    const found = floorUnder(world.current)?.at(event);
    if (found) onHere([Math.round(found[0] * 10) / 10, Math.round(found[1] * 10) / 10]);
  };
  const sign = lettering * 1.3;
  return (
    <div ref={frame} className="relative h-[36vh] min-h-52 -mx-4 border-b border-rule">
      <div ref={surface} className="absolute inset-0 touch-none">
        <Sheet world={ground} {...size} defs={<Hatches />} aria-hidden>
          <GroundLayer
            venue={venue}
            reading={reading}
            lettering={lettering}
            names={names}
            dimensions={false}
            faint={NONE}
          />
        </Sheet>
        <Sheet
          svg={svg}
          world={world}
          {...size}
          role="img"
          aria-label="Plan: tap where you stand"
          onClick={stand}
        >
          <SocketsLayer lit named={false} lettering={lettering} />
          {items.map(({ id, at }) =>
            at ? (
              <circle
                key={id}
                cx={px(at[0])}
                cy={px(at[1])}
                r={8 * sign}
                fill="none"
                stroke="var(--brass)"
                strokeWidth={1.6 * sign}
                strokeDasharray={`${3 * sign} ${2 * sign}`}
              />
            ) : null,
          )}
          {here && (
            <path
              d={`M0,0l-7,-12a7,7 0 1 1 14,0z`}
              transform={`translate(${px(here[0])} ${px(here[1])}) scale(${sign})`}
              fill="var(--brass)"
              stroke="var(--paper)"
              strokeWidth={1.2}
            />
          )}
        </Sheet>
      </div>
    </div>
  );
}
