import {
  nudgedWay,
  portsOf,
  type DeviceBox,
  type DrawnSchematic,
  type PluggedPort,
  type Point,
  type SchematicGraph,
} from '@idle-satchel/core';
import { useCallback, useEffect, useEffectEvent, useMemo, useRef, useState } from 'react';
import { useSize } from '../../../bench/use-size.js';
import { STEPS, useShortcuts } from '../../../ui/shortcuts.js';
import { useEvent, useOpenEvent, useResult, useUi } from '../../../store/hooks.js';
import { BoxShape } from './BoxShape.js';
import { SchematicTools } from './SchematicTools.js';
import { TraceStrip } from './TraceStrip.js';
import { useBoxDrag } from './use-box-drag.js';
import { portKey, usePull, type Pulling } from './use-pull.js';
import { useSchematic } from './use-schematic.js';
import { useTrace } from './use-trace.js';
import { roomIn, useZoom, type Zoom } from './use-zoom.js';
import { WireShape } from './WireShape.js';

/** Devices and leads, laid out from sources to destinations. */
export function Schematic() {
  const pane = useRef<HTMLElement>(null);
  const [withOffers, setWithOffers] = useState(false);
  const { graph, offers, drawn, failed } = useSchematic(roomIn(useSize(pane).width), withOffers);
  const zoom = useZoom(drawn);
  return (
    <section
      ref={pane}
      aria-label="Schematic"
      className="grid grid-rows-[auto_minmax(0,1fr)_auto] min-h-0 h-full"
    >
      <SchematicTools graph={graph} zoom={zoom}>
        {offers > 0 && (
          <label className="text-faint text-[12.5px] whitespace-nowrap">
            <input
              type="checkbox"
              checked={withOffers}
              onChange={event => setWithOffers(event.target.checked)}
            />{' '}
            {offers} of the house, not used
          </label>
        )}
      </SchematicTools>
      {graph.boxes.length === 0 ? (
        <p className="p-6 text-faint">
          Nothing to plug in yet. Add gear on the right, or begin a new event from a starter kit.
        </p>
      ) : (
        <div className="relative min-h-0 overflow-hidden">
          {failed && (
            <p className="absolute left-3 top-2 text-stop">The schematic could not be drawn: {failed}</p>
          )}
          {!drawn && !failed && <p className="absolute left-3 top-2 text-faint">Drawing …</p>}
          {drawn && <Drawing graph={graph} drawn={drawn} zoom={zoom} />}
        </div>
      )}
      <TraceStrip />
    </section>
  );
}

const NONE: Point = [0, 0];
const NUDGE = 6;

function Drawing({ graph, drawn, zoom }: { graph: SchematicGraph; drawn: DrawnSchematic; zoom: Zoom }) {
  const { ui } = useOpenEvent();
  const { wiring } = useResult('signal');
  const kinds = useEvent(state => state.bundle.kinds.kinds);
  const selected = useUi(state => state.selected);
  const trace = useTrace();
  const ports = useMemo(() => portsOf(wiring), [wiring]);
  const { svg, world } = zoom;
  const { pulling, line, begin } = usePull(ports, world);
  const { moving, grab, nudge } = useBoxDrag(world);
  const byKey = useMemo(() => new Map(ports.map(port => [portKey(port.end), port])), [ports]);

  const boxes = new Map(graph.boxes.map(box => [box.id, box]));
  const nudgeOf = (id: string): Point => {
    const [x, y] = boxes.get(id)?.nudge ?? NONE;
    return moving?.id === id ? [x + moving.by[0], y + moving.by[1]] : [x, y];
  };
  const placeOf = (id: string): Point | undefined => {
    const frame = drawn.boxes.get(id);
    const [dx, dy] = nudgeOf(id);
    return frame && [frame.x + dx, frame.y + dy];
  };
  const select = useCallback((id: string) => ui.select(id), [ui]);
  const { show } = zoom;
  const showChosen = useEffectEvent((): void => {
    const ids = trace ? [...trace.devices] : [selected ?? ''];
    show(ids.flatMap(id => drawn.boxes.get(id) ?? []));
  });
  // Figures of a trace change with every edit; the view stays where a hand has put it.
  useEffect(() => showChosen(), [selected, drawn]);

  useNudgeKeys(boxes, nudge);
  return (
    <>
      <svg
        ref={svg}
        className="plan block w-full h-full"
        role="group"
        aria-label="Devices and leads from sources to destinations"
      >
        <g ref={world}>
          {graph.groups.map(({ id, label }) => {
            const frame = drawn.groups.get(id);
            return frame ? (
              <GroupFrame
                key={id}
                id={id}
                label={label}
                frame={frame}
                on={id === selected}
                onSelect={select}
              />
            ) : null;
          })}
          {graph.wires.map(wire => {
            const way = drawn.wires.get(wire.id);
            return way ? (
              <WireShape
                key={wire.id}
                wire={wire}
                points={nudgedWay(way, nudgeOf(wire.from.box), nudgeOf(wire.to.box))}
                on={wire.id === selected}
                lit={!trace || trace.links.has(wire.id)}
                onSelect={select}
              />
            ) : null;
          })}
          {graph.boxes.map(box => {
            const at = placeOf(box.id);
            return at ? (
              <BoxShape
                key={box.id}
                box={box}
                kind={kinds[wiring.devices[box.id]?.kind ?? '']}
                x={at[0]}
                y={at[1]}
                on={box.id === selected}
                lit={!trace || trace.devices.has(box.id)}
                fits={pulling?.fits}
                onSelect={select}
                onGrab={grab}
                onPull={begin}
              />
            ) : null;
          })}
          {pulling && <line ref={line} stroke="var(--brass)" strokeWidth={2} pointerEvents="none" />}
        </g>
      </svg>
      {pulling && <PullWords pulling={pulling} byKey={byKey} />}
    </>
  );
}

interface Frame {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** Arrow keys move the box that is selected; with Shift farther. */
function useNudgeKeys(
  boxes: ReadonlyMap<string, DeviceBox>,
  nudge: (box: DeviceBox, by: readonly [number, number]) => void,
): void {
  const { ui } = useOpenEvent();
  const byKeys = (dx: number, dy: number) => (): boolean => {
    const box = boxes.get(ui.get().selected ?? '');
    if (!box || box.offered) return false;
    nudge(box, [dx * NUDGE, dy * NUDGE]);
    return true;
  };
  useShortcuts(
    Object.fromEntries(
      Object.entries(STEPS).flatMap(([key, [dx, dy]]) => [
        [key, byKeys(dx, dy)],
        [`Shift+${key}`, byKeys(dx * 5, dy * 5)],
      ]),
    ),
  );
}

/** What stands together: a rack, a desk, a place. */
function GroupFrame({
  id,
  label,
  frame,
  on,
  onSelect,
}: {
  id: string;
  label: string;
  frame: Frame;
  on: boolean;
  onSelect: (id: string) => void;
}) {
  return (
    <g>
      <rect {...frame} fill="var(--shade)" stroke="var(--rule)" strokeDasharray="5 3" />
      <rect
        x={frame.x}
        y={frame.y}
        width={frame.width}
        height={24}
        fill="transparent"
        className="handle"
        data-group={id}
        onClick={() => onSelect(id)}
      />
      <text
        x={frame.x + 8}
        y={frame.y + 18}
        fontSize={14}
        fontWeight={600}
        fill={on ? 'var(--brass-word)' : 'var(--faint-word)'}
        style={{ fontFamily: 'var(--font-tape)', letterSpacing: '.04em' }}
      >
        {label}
      </text>
    </g>
  );
}

/** What the port under the loose end of a lead says to it. */
function PullWords({
  pulling: { from, fits, over },
  byKey,
}: {
  pulling: Pulling;
  byKey: ReadonlyMap<string, PluggedPort>;
}) {
  const fit = fits.get(over ?? '');
  const words = byKey.get(over ?? '')?.words;
  const adapter = fit?.fits && fit.adapter !== undefined ? `, with “${fit.adapter}”` : '';
  return (
    <p
      aria-live="polite"
      className="absolute left-3 bottom-2 pointer-events-none bg-paper border border-ink px-2 py-1"
    >
      {from.words}
      {over === undefined
        ? [...fits.values()].some(each => each.fits)
          ? ' goes into any port with a ring'
          : ': nothing here that is free takes it'
        : fit?.fits
          ? ` → ${words ?? ''}${adapter}`
          : ` does not go into ${words ?? 'it'}: ${fit?.why ?? 'no port'}`}
    </p>
  );
}
