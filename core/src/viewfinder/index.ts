/** The viewfinder: what each camera will see, drawn from the plan before anyone is in the room. */
export { personBoards, standBoards } from './boards.js';
export type { Face, Place3 } from './face.js';
export { pictureSvg, THIRDS, type Inked, type Tone } from './ink.js';
export { PICTURE, pictureOf, projector, type Drawn, type Lens, type OnPicture } from './picture.js';
export { floorFaces, peopleInSeats, roomInSpace } from './room-in-space.js';
export { spaceOf } from './sorted-space.js';
export { viewfinderOf, type Viewfinder, type ViewfinderRequest } from './viewfinder.js';
