/** Zoom with the wheel, pan by dragging the paper: one way for every picture that is larger than its frame. */
import { select } from 'd3-selection';
import { zoom, type ZoomBehavior, type ZoomTransform } from 'd3-zoom';
import { useEffect, useEffectEvent, useRef, type RefObject } from 'react';

/** Smallest scale of a picture. */
const SMALLEST = 0.15;

export interface ZoomEvents {
  readonly largest: number;
  /** Where it begins; undefined where it stays as it is. */
  readonly first?: () => ZoomTransform;
  /** `byHand`: a person did it, not the program. */
  readonly onZoom: (transform: ZoomTransform, byHand: boolean) => void;
  /** The hand rests. */
  readonly onEnd?: (transform: ZoomTransform) => void;
}

export interface Zooming {
  readonly to: (transform: ZoomTransform) => void;
  readonly by: (factor: number) => void;
}

/**
 * Zooms what is shown on a surface from when it is `ready`; begins anew with another `key`. What is marked `.handle`
 * keeps its pointer for itself.
 */
export function useZooming<E extends HTMLElement | SVGElement>(
  surface: RefObject<E | null>,
  ready: boolean,
  key: string,
  events: ZoomEvents,
): Zooming {
  const behaviour = useRef<ZoomBehavior<E, unknown>>(undefined);
  const onZoom = useEffectEvent(events.onZoom);
  const onEnd = useEffectEvent((transform: ZoomTransform) => events.onEnd?.(transform));
  const first = useEffectEvent(() => events.first?.());
  const { largest } = events;
  useEffect(() => {
    const element = surface.current;
    if (!element || !ready) return;
    const zooming = zoom<E, unknown>()
      .scaleExtent([SMALLEST, largest])
      .filter(event => {
        const { target, button, type } = event as MouseEvent;
        return type === 'wheel' || (button === 0 && !(target as Element).closest('.handle'));
      })
      .on('zoom', ({ transform, sourceEvent }: { transform: ZoomTransform; sourceEvent: unknown }) =>
        onZoom(transform, Boolean(sourceEvent)),
      )
      .on('end', ({ transform }: { transform: ZoomTransform }) => onEnd(transform));
    behaviour.current = zooming;
    const selection = select<E, unknown>(element).call(zooming).on('dblclick.zoom', null);
    const begin = first();
    if (begin) selection.call(zooming.transform, begin);
    return () => void selection.on('.zoom', null);
  }, [surface, key, ready, largest]);
  const act = (on: (zooming: ZoomBehavior<E, unknown>, element: E) => void): void => {
    if (behaviour.current && surface.current) on(behaviour.current, surface.current);
  };
  return {
    to: transform => act((b, element) => select<E, unknown>(element).call(b.transform, transform)),
    by: factor => act((b, element) => select<E, unknown>(element).call(b.scaleBy, factor)),
  };
}
