import { troubleOf, type DrawnThing, type RackItem } from '@idle-satchel/core';
import { useOpenEvent, useReading } from '../../store/hooks.js';
import { Fitting } from './Fitting.js';
import { ariaWords, thingWords } from './thing-words.js';
import type { Grab } from './use-rack-moves.js';

const TAPE_LETTERS = { fontFamily: 'var(--font-tape)', letterSpacing: '.03em' } as const;
const TONE = { stop: 'var(--madder-word)', risk: 'var(--ochre-word)', note: 'var(--ink)' } as const;

/** One thing of a rack in one view. */
export function ThingDrawn({
  thing,
  item,
  scale,
  on,
  speaks,
  over,
  onGrab,
}: {
  thing: DrawnThing;
  item: RackItem;
  /** px for each m. */
  scale: number;
  on: boolean;
  /** Whether it says how warm it gets, in section. */
  speaks: boolean;
  /** What is free over the things that lie on it, px. */
  over: number;
  onGrab: Grab;
}) {
  const { ui } = useOpenEvent();
  const reading = useReading();
  const trouble = troubleOf(item);
  const faced = thing.view !== 'side' && !thing.back;
  const words = thingWords(thing, item, { scale, speaks, over, reading });
  const [x, y, width, height] = [thing.x * scale, thing.y * scale, thing.width * scale, thing.height * scale];
  return (
    <g
      className="handle"
      data-thing={thing.id}
      {...(faced
        ? { role: 'button', tabIndex: 0, 'aria-label': ariaWords(item, reading), 'aria-pressed': on }
        : { 'aria-hidden': true })}
      onPointerDown={event => onGrab(thing.id, thing, event)}
      onFocus={() => ui.select(thing.id)}
    >
      <Body thing={thing} item={item} scale={scale} on={on} trouble={trouble} />
      {faced && <Fitting fitting={item.fitting} x={x} y={y} width={width} height={height} />}
      {words.name && (
        <text
          x={x + 9}
          y={words.y}
          fontSize={12.5}
          fontWeight={600}
          fill={trouble ? TONE[trouble] : 'var(--ink)'}
          style={TAPE_LETTERS}
        >
          {words.name}
        </text>
      )}
      {words.right && (
        <text x={x + width - 8} y={words.y} textAnchor="end" fontSize={11} fill="var(--faint-word)">
          {words.right}
        </text>
      )}
    </g>
  );
}

/** Its outline, and in section its plugs; a tray is its sheet, and what it leaves free. */
function Body({
  thing,
  item,
  scale,
  on,
  trouble,
}: {
  thing: DrawnThing;
  item: RackItem;
  scale: number;
  on: boolean;
  trouble: ReturnType<typeof troubleOf>;
}) {
  const [x, y, width, height] = [thing.x * scale, thing.y * scale, thing.width * scale, thing.height * scale];
  const tray = item.fitting === 'tray';
  const plain = thing.back ? 'var(--faint)' : 'var(--ink)';
  const dashes = thing.back || tray ? '4 3' : thing.guessed ? '7 3' : undefined;
  return (
    <>
      {thing.plugs && (
        <rect
          x={thing.plugs.x * scale}
          y={y + 2}
          width={thing.plugs.width * scale}
          height={Math.max(1, height - 4)}
          fill="none"
          stroke="var(--faint)"
          strokeDasharray="2 2"
        />
      )}
      <rect
        x={x + 1}
        y={y + 1}
        width={Math.max(1, width - 2)}
        height={Math.max(1, height - 2)}
        fill={thing.back || tray ? 'none' : 'var(--paper)'}
        stroke={on ? 'var(--brass)' : trouble === 'stop' ? 'var(--madder)' : plain}
        strokeWidth={on || trouble === 'stop' ? 2.4 : 1.2}
        strokeDasharray={dashes}
        pointerEvents="all"
      />
      {tray && !thing.back && (
        <path d={`M${x + 1},${y + height - 2}h${width - 2}`} stroke="var(--ink)" strokeWidth={2.5} />
      )}
    </>
  );
}
