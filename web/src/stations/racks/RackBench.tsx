import {
  RACK_VIEWS,
  rackLayout,
  rackPicture,
  VIEW_WORDS,
  type RackPicture,
  type RackResult,
  type RackViewName,
} from '@idle-satchel/core';
import { useRef, useState, type ReactNode } from 'react';
import { useSize } from '../../bench/use-size.js';
import { useUi } from '../../store/hooks.js';
import { OffRails } from './OffRails.js';
import { RackViewDrawn } from './RackViewDrawn.js';
import { useRackMoves } from './use-rack-moves.js';

/** Below this width, px, one view is drawn at a time. */
const NARROW = 560;
/** The picture is no higher than this, px. */
const HIGHEST = 500;
const BELOW = 4;

/** A rack to scale, with what lies loose in it beneath; things are dragged, or moved with the arrow keys. */
export function RackBench({
  id: rackId,
  rack,
  children,
}: {
  id: string;
  rack: RackResult;
  children?: ReactNode;
}) {
  const selected = useUi(state => state.selected);
  const frame = useRef<HTMLDivElement>(null);
  const svg = useRef<SVGSVGElement>(null);
  const { width } = useSize(frame);
  const [one, setOne] = useState<RackViewName>('front');
  const narrow = width > 0 && width < NARROW;
  const { picture, scale } = narrow
    ? alone(rackPicture(rack, [[one]]), width)
    : rackLayout(rack, { width: Math.max(width, NARROW), height: HIGHEST });

  const grab = useRackMoves({ rackId, rack, picture, scale, svg });
  const off = Object.entries(rack.items).filter(([, { box }]) => !box);
  return (
    <div ref={frame} className="max-w-[1100px]">
      {narrow && (
        <div className="flex flex-wrap gap-2 mb-2" role="group" aria-label="View">
          {RACK_VIEWS.map(name => (
            <button
              key={name}
              className="button chosen"
              aria-pressed={one === name}
              onClick={() => setOne(name)}
            >
              {VIEW_WORDS[name]}
            </button>
          ))}
        </div>
      )}
      {width > 0 && (
        <svg
          ref={svg}
          className="plan block touch-none"
          width={picture.width * scale}
          height={picture.height * scale + BELOW}
          role="group"
          aria-label={`${rack.label}, to scale`}
        >
          {picture.views.map(view => (
            <RackViewDrawn
              key={view.name}
              rack={rack}
              picture={picture}
              view={view}
              scale={scale}
              selected={selected}
              onGrab={grab}
            />
          ))}
        </svg>
      )}
      <p className="text-faint text-[12.5px]">Dotted: plugs and their leads. Dashed: seen from behind.</p>
      {off.length > 0 && <OffRails things={off} selected={selected} onGrab={grab} />}
      {children}
    </div>
  );
}

const alone = (picture: RackPicture, width: number) => ({
  picture,
  scale: Math.min(width / picture.width, HIGHEST / picture.height) || 1,
});
