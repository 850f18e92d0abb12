import {
  VIEW_WORDS,
  type DrawnThing,
  type RackPicture,
  type RackResult,
  type RackView,
} from '@idle-satchel/core';
import { ThingDrawn } from './ThingDrawn.js';
import type { Grab } from './use-rack-moves.js';

/** One view of a rack: its rails and units, and what is mounted. */
export function RackViewDrawn({
  rack,
  picture,
  view,
  scale,
  selected,
  onGrab,
}: {
  rack: RackResult;
  picture: RackPicture;
  view: RackView;
  scale: number;
  selected: string | undefined;
  onGrab: Grab;
}) {
  const unit = (picture.rack / picture.units) * scale;
  const [x, top, width, height] = [view.x, view.y, view.width, picture.rack].map(each => each * scale) as [
    number,
    number,
    number,
    number,
  ];
  const things = picture.things.filter(thing => thing.view === view.name);
  // Things side by side on a tray are one behind another in section: the last one speaks for them.
  const told = things.filter(({ lies }) => lies).at(-1)?.id;
  const overLoad = ({ id, y }: DrawnThing): number => {
    const load = things.filter(each => rack.items[each.id]?.carrier === id);
    return load.length === 0 ? Infinity : (Math.min(...load.map(each => each.y)) - y) * scale;
  };
  return (
    <g role="group" aria-label={`${rack.label} ${VIEW_WORDS[view.name]}`}>
      <text x={x} y={top - 7} fontSize={12} fill="var(--faint-word)">
        {VIEW_WORDS[view.name]}
      </text>
      <rect
        x={x}
        y={top}
        width={width}
        height={height}
        fill="var(--shade)"
        stroke="var(--ink)"
        strokeWidth={2}
      />
      {Array.from({ length: picture.units }, (_, i) => {
        const y = top + height - (i + 1) * unit;
        return (
          <g key={i} aria-hidden>
            <path d={`M${x},${y}H${x + width}`} stroke="var(--rule)" />
            {view.name !== 'side' && (
              <text x={x - 6} y={y + unit / 2 + 4} textAnchor="end" fontSize={11} fill="var(--faint-word)">
                {i + 1}
              </text>
            )}
          </g>
        );
      })}
      {view.name === 'side' && (
        <path
          d={`M${x + picture.rails * scale},${top}v${height}`}
          stroke="var(--faint)"
          strokeDasharray="2 3"
          aria-hidden
        />
      )}
      {things.map(thing => {
        const item = rack.items[thing.id];
        return (
          item && (
            <ThingDrawn
              key={thing.id}
              thing={thing}
              item={item}
              scale={scale}
              on={thing.id === selected}
              over={overLoad(thing)}
              speaks={!thing.lies || thing.id === told}
              onGrab={onGrab}
            />
          )
        );
      })}
    </g>
  );
}
