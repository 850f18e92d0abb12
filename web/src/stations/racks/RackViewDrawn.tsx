import {
  showText,
  troubleOf,
  VIEW_WORDS,
  type DrawnThing,
  type RackItem,
  type RackPicture,
  type RackResult,
  type RackView,
  type Reading,
} from '@idle-satchel/core';
import { useOpenEvent, useReading } from '../../store/hooks.js';
import type { Grab } from './RackBench.js';
import { Fitting } from './Fitting.js';

const TAPE_LETTERS = { fontFamily: 'var(--font-tape)', letterSpacing: '.03em' } as const;
/** Width of a letter of a name and of a figure, px. */
const LETTER = 7;
const DIGIT = 6.2;
const GLYPH = { stop: '◆', risk: '◇', note: '' } as const;
const TONE = { stop: 'var(--madder-word)', risk: 'var(--ochre-word)', note: 'var(--ink)' } as const;

const fits = (text: string, room: number, letter: number): boolean => text.length * letter <= room;
const shortened = (text: string, room: number): string => {
  if (fits(text, room, LETTER)) return text;
  const letters = Math.floor(room / LETTER) - 1;
  return letters > 1 ? `${text.slice(0, letters)}…` : '';
};

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
            <Thing
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

function Thing({
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
  const [x, y, width, height] = [thing.x, thing.y, thing.width, thing.height].map(each => each * scale) as [
    number,
    number,
    number,
    number,
  ];
  const side = thing.view === 'side';
  const trouble = troubleOf(item);
  const glyph = trouble ? GLYPH[trouble] : '';
  const name = `${glyph ? `${glyph} ` : ''}${item.label}`;
  const faced = !side && !thing.back;
  const right = faced && !thing.lies ? rightWords(item, reading) : '';
  const rightRoom = right && fits(name, width - 24 - right.length * DIGIT, LETTER) ? right : '';
  const tray = item.fitting === 'tray';
  // What lies on a tray stands up from below: its name is over that, where there is room.
  const middle = tray && faced ? y + Math.min(height / 2 + 4, 15) : y + height / 2 + 4;
  const warm = side && speaks && item.warm ? showText(item.warm.value, item.warm.unit, reading) : '';
  const label = side
    ? fits(name, width - 8, LETTER) && !thing.lies && !tray
      ? name
      : ''
    : tray && over < 16
      ? ''
      : shortened(name, width - 14);
  return (
    <g
      className="handle"
      data-thing={thing.id}
      {...(faced
        ? { role: 'button', tabIndex: 0, 'aria-label': ariaWords(item, reading), 'aria-pressed': on }
        : { 'aria-hidden': true })}
      onPointerDown={event => {
        const { left, top } = event.currentTarget.getBoundingClientRect();
        onGrab(thing.id, { left, top }, event);
      }}
      onFocus={() => ui.select(thing.id)}
    >
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
        fill={thing.back ? 'none' : tray ? 'none' : 'var(--paper)'}
        stroke={
          on
            ? 'var(--brass)'
            : trouble === 'stop'
              ? 'var(--madder)'
              : thing.back
                ? 'var(--faint)'
                : 'var(--ink)'
        }
        strokeWidth={on || trouble === 'stop' ? 2.4 : 1.2}
        strokeDasharray={thing.back || tray ? '4 3' : thing.guessed ? '7 3' : undefined}
        pointerEvents="all"
      />
      {tray && !thing.back && (
        <path d={`M${x + 1},${y + height - 2}h${width - 2}`} stroke="var(--ink)" strokeWidth={2.5} />
      )}
      {faced && <Fitting fitting={item.fitting} x={x} y={y} width={width} height={height} />}
      {!thing.back && label && (
        <text
          x={x + 9}
          y={middle}
          fontSize={12.5}
          fontWeight={600}
          fill={trouble ? TONE[trouble] : 'var(--ink)'}
          style={TAPE_LETTERS}
        >
          {label}
        </text>
      )}
      {rightRoom && (
        <text x={x + width - 10} y={middle} textAnchor="end" fontSize={11} fill="var(--faint-word)">
          {rightRoom}
        </text>
      )}
      {warm && fits(`${label} ${warm}`, width - 10, LETTER) && (
        <text x={x + width - 6} y={middle} textAnchor="end" fontSize={11} fill="var(--faint-word)">
          {warm}
        </text>
      )}
    </g>
  );
}

/** `20 W · 24 °C`. */
const rightWords = ({ watts, warm }: RackItem, reading: Reading): string =>
  [typeof watts.value === 'number' && watts.value > 0 ? watts : undefined, warm]
    .flatMap(figure =>
      figure && figure.value !== null ? [showText(figure.value, figure.unit, reading)] : [],
    )
    .join(' · ');

const ariaWords = (item: RackItem, reading: Reading): string =>
  [
    item.label,
    item.unit === undefined ? 'on a tray' : `${item.units} U from unit ${item.unit}`,
    item.rear && 'rear rails',
    rightWords(item, reading),
  ]
    .filter(Boolean)
    .join(', ');
