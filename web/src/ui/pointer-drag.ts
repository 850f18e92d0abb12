/** Dragging with the pointer: one way for everything that is pulled, pushed or moved by hand. */
import { useCallback, useEffect, useRef, type PointerEvent as Pressed } from 'react';

/** A pointer that moved no farther than this has clicked, px. */
const SLIP = 3;

export interface Drag {
  /** Hears where the pointer is, at most once a frame, as soon as it has moved farther than a click may slip. */
  readonly move: (event: PointerEvent) => void;
  /** Let go; `moved` is false where it was only a click. */
  readonly drop: (event: PointerEvent, moved: boolean) => void;
  /** Taken from the hand, by the browser or because what was dragged is gone: nothing has happened. */
  readonly cancel: () => void;
  /** What holds the pointer meanwhile: what was pressed, unless something else is named. */
  readonly holder?: Element;
}

/** Begins a drag where the pointer was pressed. */
export type BeginDrag = (event: Pressed, drag: Drag) => void;

/** One drag at a time; it is cancelled when its component goes. */
export function usePointerDrag(): BeginDrag {
  const giveUp = useRef<() => void>(undefined);
  useEffect(() => () => giveUp.current?.(), []);
  return useCallback<BeginDrag>((event, { move, drop, cancel, holder = event.currentTarget }) => {
    giveUp.current?.();
    const { clientX, clientY, pointerId } = event;
    const listening = new AbortController();
    let moved = false;
    let last: PointerEvent | undefined;
    let frame = 0;
    const end = (): void => {
      listening.abort();
      cancelAnimationFrame(frame);
      giveUp.current = undefined;
    };
    const when = (
      name: 'pointermove' | 'pointerup' | 'pointercancel',
      act: (e: PointerEvent) => void,
    ): void =>
      holder.addEventListener(
        name,
        next => {
          if (next instanceof PointerEvent && next.pointerId === pointerId) act(next);
        },
        { signal: listening.signal },
      );
    when('pointermove', next => {
      moved ||= Math.hypot(next.clientX - clientX, next.clientY - clientY) > SLIP;
      if (!moved) return;
      last = next;
      frame ||= requestAnimationFrame(() => {
        frame = 0;
        if (last) move(last);
      });
    });
    when('pointerup', next => {
      end();
      drop(next, moved);
    });
    giveUp.current = () => {
      end();
      cancel();
    };
    when('pointercancel', () => giveUp.current?.());
    holder.setPointerCapture(pointerId);
  }, []);
}
