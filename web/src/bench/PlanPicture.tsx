import { Maximize, ZoomIn, ZoomOut } from 'lucide-react';
import { memo, useEffect, useLayoutEffect, useRef, useState, type ReactNode, type RefObject } from 'react';
import { useShortcuts } from '../app/shortcuts.js';
import { AddDevice } from '../stations/shots/AddDevice.js';
import { PaceContext, useEvent, useOpenEvent, useReading } from '../store/hooks.js';
import { warmUp } from '../store/warm-up.js';
import { GroundLayer } from './GroundLayer.js';
import { Hatches } from './Hatches.js';
import { RunsLayer } from './RunsLayer.js';
import { ShotsLayer } from './ShotsLayer.js';
import { SocketsLayer } from './SocketsLayer.js';
import { ThingsLayer } from './ThingsLayer.js';
import { useViewport } from './viewport.js';

export type Layer = 'ground' | 'shots' | 'runs' | 'power';

const HINTS: Readonly<Record<Layer, string>> = {
  ground: 'wheel zooms · drag the paper to move it',
  shots: 'drag a camera · arrows 0.1 m · Shift 1 m · r turns',
  runs: 'click a lead for its working · drag what it leads to',
  power: 'click a socket for its circuit',
};

/** The plan picture that Ground, Shots, Runs and Power share; the layer of the station is lit, the others faint. */
export const PlanPicture = memo(function PlanPicture({ layer }: { layer: Layer }) {
  const { store, ui } = useOpenEvent();
  const venue = useEvent(state => state.assessment.ground.venue);
  const reading = useReading();
  const section = useRef<HTMLElement>(null);
  const size = useSize(section);
  const view = useViewport(store.id, venue.outline, size);
  const { svg } = view;
  useNudging();
  useEffect(() => warmUp(store), [store]);

  useEffect(() => {
    const element = svg.current;
    const choose = (event: Event): void => ui.select((event as CustomEvent<string>).detail);
    element?.addEventListener('satchel-select', choose);
    return () => element?.removeEventListener('satchel-select', choose);
  }, [svg, ui]);

  return (
    <section ref={section} aria-label="Plan" className="relative min-h-0 overflow-hidden [contain:strict]">
      <svg className="plan absolute top-0 left-0 will-change-transform" {...size} aria-hidden>
        <Hatches />
        <g ref={view.ground}>
          <GroundLayer venue={venue} reading={reading} lit={layer === 'ground' || layer === 'shots'} />
        </g>
      </svg>
      <svg
        ref={view.svg}
        className="plan absolute top-0 left-0 touch-none will-change-transform"
        {...size}
        role="group"
        aria-label={`Plan of ${venue.name}`}
      >
        <g ref={view.world}>
          <PaceContext value="live">
            {layer !== 'shots' && <ShotsLayer world={view.world} lit={false} />}
            <SocketsLayer lit={layer === 'ground' || layer === 'power'} loads={layer === 'power'} />
            {layer === 'power' ? <RunsLayer lit only="mains" /> : <RunsLayer lit={layer === 'runs'} />}
            <ThingsLayer world={view.world} lit={layer === 'runs' || layer === 'power'} />
            {layer === 'shots' && <ShotsLayer world={view.world} lit />}
          </PaceContext>
        </g>
      </svg>
      <p className="absolute left-4 bottom-2 text-faint text-[12.5px] bg-paper/80 px-1">{HINTS[layer]}</p>
      <div className="absolute right-3 top-2 flex gap-2">{layer === 'shots' && <AddDevice />}</div>
      <div className="absolute right-3 bottom-2 flex">
        <IconButton words="Zoom out" onClick={() => view.zoomBy(0.8)}>
          <ZoomOut size={16} />
        </IconButton>
        <IconButton words="Zoom in" onClick={() => view.zoomBy(1.25)}>
          <ZoomIn size={16} />
        </IconButton>
        <IconButton words="Show the whole venue" onClick={view.fit}>
          <Maximize size={16} />
        </IconButton>
      </div>
    </section>
  );
});

/**
 * Size of an element in pixels. Pictures get it as numbers: sized in percent they would be laid out anew, with
 * all their words, at every step of a drag.
 */
function useSize(element: RefObject<HTMLElement | null>): { width: number; height: number } {
  const [size, setSize] = useState({ width: 0, height: 0 });
  useLayoutEffect(() => {
    const observed = element.current;
    if (!observed) return;
    const measure = (): void => setSize({ width: observed.clientWidth, height: observed.clientHeight });
    measure();
    const observer = new ResizeObserver(measure);
    observer.observe(observed);
    return () => observer.disconnect();
  }, [element]);
  return size;
}

function IconButton({
  words,
  onClick,
  children,
}: {
  words: string;
  onClick: () => void;
  children: ReactNode;
}) {
  return (
    <button className="button px-2 -ml-px bg-paper" aria-label={words} title={words} onClick={onClick}>
      {children}
    </button>
  );
}

const STEPS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

/** Arrow keys move the selected device, `r` turns the selected camera; quick nudges become one edit. */
function useNudging(): void {
  const { store, ui } = useOpenEvent();
  const nudge = (dx: number, dy: number): boolean => {
    const id = ui.get().selected ?? '';
    const device = store.get().bundle.plan.devices?.[id];
    const at = device?.place?.at;
    if (!device || !at) return false;
    const value = [Math.round((at[0] + dx) * 100) / 100, Math.round((at[1] + dy) * 100) / 100];
    store.patchPlan(
      `Move ${device.label}`,
      [{ op: 'replace', path: `/devices/${id}/place/at`, value }],
      `move ${id}`,
    );
    return true;
  };
  const turn = (degrees: number): boolean => {
    const id = ui.get().selected ?? '';
    const device = store.get().bundle.plan.devices?.[id];
    const aim = store.get().assessment.shots.cameras[id]?.aim.value;
    if (!device?.place || typeof aim !== 'number') return false;
    const value = Math.round(((((aim + degrees) % 360) + 540) % 360) - 180);
    store.patchPlan(
      `Turn ${device.label}`,
      [{ op: 'add', path: `/devices/${id}/place/facing`, value }],
      `turn ${id}`,
    );
    return true;
  };
  useShortcuts({
    ...Object.fromEntries(
      Object.entries(STEPS).flatMap(([key, [dx, dy]]) => [
        [key, () => nudge(dx / 10, dy / 10)],
        [`Shift+${key}`, () => nudge(dx, dy)],
      ]),
    ),
    r: () => turn(5),
    'Shift+r': () => turn(-5),
  });
}
