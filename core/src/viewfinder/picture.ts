/** What a lens sees, as flat shapes drawn one over the other in true perspective. */
import { cutTo, dot, type Face, type Place3, type Plane, type Substance } from './face.js';
import { backToFront, type Space } from './sorted-space.js';

/** A lens: where it is, where it looks, and how wide. */
export interface Lens {
  readonly eye: Place3;
  /** Direction on the plan and above the horizon, degrees. */
  readonly aim: number;
  readonly tilt: number;
  /** Focal length and the active width of the sensor, mm; pictures are 16:9. */
  readonly focal: number;
  readonly width: number;
}

/** Size of the picture in its own units. */
export const PICTURE = { width: 1600, height: 900 } as const;

export type OnPicture = readonly [x: number, y: number];

export interface Drawn {
  readonly what: Substance;
  readonly of: string;
  readonly corners: readonly OnPicture[];
  readonly edges: readonly boolean[];
  /** Distance of its middle along the axis of the lens, m. */
  readonly depth: number;
}

/** Nearer than this nothing is drawn, m. */
const NEAR = 0.05;
const RADIANS = Math.PI / 180;

interface Axes {
  readonly forward: Place3;
  readonly right: Place3;
  readonly up: Place3;
}

/** x east, y south, z up is a left-handed frame: right is 90° clockwise on the page, as directions turn. */
function axesOf({ aim, tilt }: Lens): Axes {
  const [ca, sa] = [Math.cos(aim * RADIANS), Math.sin(aim * RADIANS)];
  const [ct, st] = [Math.cos(tilt * RADIANS), Math.sin(tilt * RADIANS)];
  return { forward: [ca * ct, sa * ct, st], right: [-sa, ca, 0], up: [-ca * st, -sa * st, ct] };
}

const along = (axis: Place3, eye: Place3, at: Place3): number =>
  axis[0] * (at[0] - eye[0]) + axis[1] * (at[1] - eye[1]) + axis[2] * (at[2] - eye[2]);

/** The five planes that bound what is in the picture, facing inwards. */
function bounds(lens: Lens, { forward, right, up }: Axes): Plane[] {
  const halfWidth = lens.width / 2 / lens.focal;
  const halfHeight = (halfWidth * PICTURE.height) / PICTURE.width;
  const inward = (axis: Place3, share: number): Plane => {
    const size = Math.hypot(1, share);
    const part = (i: 0 | 1 | 2): number => (forward[i] * share + axis[i]) / size;
    const normal: Place3 = [part(0), part(1), part(2)];
    return { normal, d: dot(normal, lens.eye) };
  };
  const negative = (axis: Place3): Place3 => [-axis[0], -axis[1], -axis[2]];
  return [
    { normal: forward, d: dot(forward, lens.eye) + NEAR },
    inward(right, halfWidth),
    inward(negative(right), halfWidth),
    inward(up, halfHeight),
    inward(negative(up), halfHeight),
  ];
}

/** Where places fall on the picture of a lens; only for places in front of it. */
export function projector(lens: Lens): (at: Place3) => OnPicture {
  const axes = axesOf(lens);
  const scale = (lens.focal / lens.width) * PICTURE.width;
  return at => {
    const away = along(axes.forward, lens.eye, at);
    return [
      PICTURE.width / 2 + (scale * along(axes.right, lens.eye, at)) / away,
      PICTURE.height / 2 - (scale * along(axes.up, lens.eye, at)) / away,
    ];
  };
}

/**
 * The picture a lens gives of a room: shapes from back to front, cut at its edges. `first` lies beneath everything,
 * as the floor does; `boards` stand square to the aim.
 */
export function pictureOf(
  lens: Lens,
  space: Space | undefined,
  boards: readonly Face[],
  first: readonly Face[] = [],
): Drawn[] {
  const axes = axesOf(lens);
  const planes = bounds(lens, axes);
  const onPicture = projector(lens);
  const drawn: Drawn[] = [];
  const cut = (face: Face): Face | undefined =>
    planes.reduce<Face | undefined>((left, plane) => left && cutTo(left, plane), face);
  const draw = (face: Face): void => {
    const left = cut(face);
    if (!left) return;
    const { what, of, corners, edges } = left;
    const depth =
      corners.reduce((sum, each) => sum + along(axes.forward, lens.eye, each), 0) / corners.length;
    drawn.push({ what, of, edges, depth, corners: corners.map(onPicture) });
  };
  for (const face of first) draw(face);
  const inView = boards.flatMap(each => cut(each) ?? []);
  const depthOf = ({ corners }: Face): number => {
    const [x, y] = corners[0] as Place3;
    return axes.right[1] * (x - lens.eye[0]) - axes.right[0] * (y - lens.eye[1]);
  };
  backToFront(space, lens.eye, inView, depthOf, draw);
  return drawn;
}
