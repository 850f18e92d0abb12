/** One camera: where it looks, what it sees, how it stands and moves, and whom it disturbs. */
import type { Device, Kind, Mark, Rules, Venue } from '../../documents/index.js';
import {
  constant,
  direction,
  given,
  numberOf,
  taken,
  visibleRegion,
  type Blocker,
  type Figure,
  type Point,
  type Blocking,
} from '../../foundations/index.js';
import { disturbanceBy } from './disturbance.js';
import * as figures from './figures/cameras.js';
import type { Fitted } from './fitted.js';
import { lensTerms, sensorTerms } from './framing.js';
import type { Picture } from './gear-in-picture.js';
import type { Mounted } from './mounted.js';
import { movingResult } from './moving.js';
import { noFilmOf, viewOf, type View } from './no-film.js';
import type { CameraResult } from './result.js';
import { supportResult } from './support.js';

/** What a camera sees is drawn so far, m. */
const RANGE = 60;

export interface CameraReads {
  readonly device: Device;
  readonly optics: Fitted;
  /** The weights of the camera and of all that is fixed to it. */
  readonly mounted: Mounted;
  readonly support: Kind | undefined;
  readonly at: Point | undefined;
  /** The mark of the shot it is framed for, and the focal length that has. */
  readonly mark: Mark | undefined;
  readonly focal: Figure | undefined;
  /** The pictures of all its shots that are no windows. */
  readonly pictures: readonly Picture[] | undefined;
  /** Windows that are cut from its picture. */
  readonly windows: number;
  /** Minutes that it is live. */
  readonly minutes: number;
  /** Share of the seats whose eyes it draws at a place; undefined where nothing is wanted. */
  readonly drawn: ((at: Point) => number) | undefined;
  readonly blockers: readonly Blocker[];
  readonly blocking: Blocking;
  readonly areas: Venue['areas'];
  readonly doors: Venue['doors'];
  readonly pillars: Venue['pillars'];
  readonly rules: Rules;
}

export function cameraResult(id: string, reads: CameraReads): CameraResult {
  const { device, optics, at, blocking, areas } = reads;
  const focal = focalOf(id, reads);
  const angleOfView = optics.panoramic
    ? figures.angleOfView.found([id], 360, [], { method: 'it sees all round' })
    : figures.angleOfView.calc([id], [...sensorTerms(device.kind, optics), taken('f', focal)]);
  const aim = aimOf(id, reads);
  const [facing, spread] = [numberOf(aim), numberOf(angleOfView)];
  const view = at && facing !== undefined && spread !== undefined ? { at, facing, spread } : undefined;
  return {
    label: device.label,
    at,
    focal,
    aim,
    angleOfView,
    support: supportResult(id, device, reads.support, reads.mounted),
    wedge: view ? visibleRegion(view.at, view.facing, view.spread, RANGE, blocking) : [],
    noFilm: noFilmOf(id, viewsOf(device, view, reads.pictures), areas, blocking),
    disturbance: disturbanceBy(id, device, at, reads.drawn, reads.rules),
    moving: movingResult(id, reads),
    pictures: figures.pictures.calc(
      [id],
      [
        constant('own', 1, 'pieces', 'its own picture'),
        constant('windows', reads.windows, 'pieces', 'windows cut from it'),
      ],
    ),
  };
}

/**
 * All that a camera looks at: its shots, as far as it turns to them, and where it is turned by hand. One that is locked
 * and turned by hand looks nowhere else.
 */
function viewsOf(
  { worked, place }: Device,
  standing: View | undefined,
  pictures: readonly Picture[] = [],
): readonly View[] {
  const turned = place?.facing !== undefined;
  const shots = pictures.map(picture => {
    const view = viewOf(picture);
    return turned && worked === 'locked' ? { ...view, facing: place.facing ?? view.facing } : view;
  });
  return standing && (turned || shots.length === 0) ? [standing, ...shots] : shots;
}

/** That of the shot it is framed for, or the widest it has. */
function focalOf(id: string, { device, optics, focal }: CameraReads): Figure {
  if (focal && focal.value !== null) return figures.cameraFocal.calc([id], [taken('f', focal)]);
  const widest = lensTerms(device.kind, optics).slice(0, 1);
  return figures.cameraFocal.calc([id], widest, { formula: 'fmin' });
}

/** As it is turned by hand, or towards the mark of its first shot. */
function aimOf(id: string, { device, at, mark }: CameraReads): Figure {
  const facing = device.place?.facing;
  if (facing !== undefined) {
    const turned = given('facing', facing, '°', 'plan', `/devices/${id}/place/facing`);
    return figures.aim.calc([id], [turned], { formula: 'facing' });
  }
  return at && mark
    ? figures.aim.found([id], direction(at, mark.at), [], { method: 'towards the mark of its first shot' })
    : figures.aim.unknown([id], 'it has no shot and no direction yet');
}
