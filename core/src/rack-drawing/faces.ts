/** Faces of what is in a rack on paper: sockets of panels with their numbers, and plates with the cut-outs to be made. */
import type { Kind, Port } from '../documents/index.js';
import { inOrder, type MapOf } from '../foundations/index.js';
import type { PaperMark } from '../paper/marks.js';
import { PANEL, plateOf, UNIT, type Plate, type RackResult } from '../stations/racks/index.js';
import { ROW, SMALL, text } from './elevation.js';

/** One face, drawn from the top left of its name. */
export interface Face {
  readonly marks: readonly PaperMark[];
  readonly width: number;
  readonly height: number;
}

/** Over a face: its name. */
const NAME = ROW;

/** Every panel and plate of a rack at so many px to a metre, in the order of its things. */
export function facesOf(
  { items }: RackResult,
  kindOf: (id: string) => Kind | undefined,
  perMetre: number,
): readonly Face[] {
  return Object.entries(items).flatMap(([id, { label, plate, units }]) => {
    const kind = kindOf(id);
    if (kind?.rack?.fitting === 'patch panel') return [panelFace(label, kind, perMetre)];
    return plate && kind ? [plateFace(label, plateOf(kind.size, units), perMetre)] : [];
  });
}

/** The sockets on the face of a panel: those that something behind comes out at, else all that it has. */
export function faceOfPanel(ports: MapOf<Port> | undefined): readonly (readonly [id: string, port: Port])[] {
  const all = inOrder(ports);
  const fronts = all.filter(([, { loops }]) => loops !== undefined);
  return fronts.length > 0 ? fronts : all;
}

function panelFace(label: string, { rack, ports }: Kind, perMetre: number): Face {
  const [width, height] = [PANEL * perMetre, UNIT * (rack?.units ?? 1) * perMetre];
  const sockets = faceOfPanel(ports);
  const step = width / (sockets.length + 1);
  return {
    ...{ width, height: NAME + height },
    marks: [
      text([0, NAME - 4], `${label}: its face`, SMALL, { bold: true }),
      { mark: 'rect', at: [0, NAME], width, height, dash: [], fill: 'white' },
      ...sockets.flatMap(([, port], i): PaperMark[] => [
        { mark: 'dot', at: [(i + 1) * step, NAME + height / 2], open: port.direction !== 'in' },
        text([(i + 1) * step, NAME + height / 2 - 6], String(i + 1), SMALL, { anchor: 'middle', bold: true }),
      ]),
    ],
  };
}

/** As a workshop reads it: `482.6 mm`. */
const inMillimetres = (metres: number): string => `${(metres * 1000).toFixed(1)} mm`;

function plateFace(label: string, { width, height, cut, holes }: Plate, perMetre: number): Face {
  const [wide, high, cutWide, cutHigh] = [width, height, cut?.width ?? 0, cut?.height ?? 0].map(
    each => each * perMetre,
  ) as [number, number, number, number];
  const sizes = cut
    ? `cut out ${inMillimetres(cut.width)} × ${inMillimetres(cut.height)} in its middle`
    : 'its cut-out is not known: measure how wide and high the thing is';
  const below = NAME + high + ROW;
  return {
    width: wide,
    height: below,
    marks: [
      text([0, NAME - 4], `${label}: plate to be made`, SMALL, { bold: true }),
      { mark: 'rect', at: [0, NAME], width: wide, height: high, dash: [], fill: 'white' },
      ...(cut
        ? [
            {
              mark: 'rect' as const,
              at: [(wide - cutWide) / 2, NAME + (high - cutHigh) / 2] as const,
              ...{ width: cutWide, height: cutHigh, dash: [], fill: 'shade' as const },
            },
          ]
        : []),
      ...holes.map(([x, y]): PaperMark => ({
        mark: 'dot',
        at: [x * perMetre, NAME + high - y * perMetre],
        open: true,
      })),
      text(
        [0, below - 3],
        `${inMillimetres(width)} × ${inMillimetres(height)}; ${sizes}; holes as they are in the rails`,
        SMALL,
      ),
    ],
  };
}
