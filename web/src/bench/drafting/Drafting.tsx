import type { RefObject } from 'react';
import { createPortal } from 'react-dom';
import { DraftingBar } from './DraftingBar.js';
import { PartsLayer } from './PartsLayer.js';
import { useDrawing } from './use-drawing.js';
import { usePartNudging } from './use-part-nudging.js';

/** All that Ground lays over the plan: what can be picked, what is on its way, and, in the page around, the bar. */
export default function Drafting({
  world,
  bar,
}: {
  world: RefObject<SVGGElement | null>;
  /** Where on the page the bar goes. */
  bar: HTMLElement;
}) {
  const drawing = useDrawing(world);
  usePartNudging();
  return (
    <>
      <PartsLayer world={world} />
      {drawing && (
        // Far beyond any plan, in its own measure: whatever the zoom, the pointer is over it.
        <rect
          className="handle"
          x={-1e5}
          y={-1e5}
          width={2e5}
          height={2e5}
          fill="transparent"
          cursor="crosshair"
          onPointerDown={drawing.onPointerDown}
          onPointerMove={drawing.onPointerMove}
          onClick={drawing.onClick}
        />
      )}
      {createPortal(<DraftingBar drawing={drawing} />, bar)}
    </>
  );
}
