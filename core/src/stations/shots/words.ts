/** Words and moves that several rules of Shots share. */
import { inWords, type Fix } from '../../foundations/index.js';
import { placeAt, stepsFrom } from '../ground/moves.js';
import type { ShotsSeen } from './result.js';
import { footprintOf } from '../floor-taken.js';
import { canStand } from './standing.js';
import { fix, inPlan } from '../../edits.js';

/** What the names of shots are made of. */
export interface Named {
  readonly shots: ShotsSeen['shots'];
  readonly cameras: ShotsSeen['own']['cameras'];
  readonly marks: ShotsSeen['ground']['venue']['marks'];
}

export const namedIn = ({ shots, own, ground }: ShotsSeen): Named => ({
  shots,
  cameras: own.cameras,
  marks: ground.venue.marks,
});

/** `C2 NORTH` and `Lectern, waist up` for titles. */
export function namesOf({ shots, cameras, marks }: Named, id: string): { camera: string; shot: string } {
  const shot = shots?.[id];
  return {
    camera: cameras[shot?.camera ?? '']?.label ?? 'No camera',
    shot: shot ? `${marks?.[shot.mark]?.label ?? 'a lost mark'}, ${shot.size}` : 'the shot',
  };
}

const HEADINGS = [
  ...(['east', 'south-east', 'south', 'south-west'] as const),
  ...(['west', 'north-west', 'north', 'north-east'] as const),
];
const STEPS = [0.4, 0.8, 1.2, 1.6, 2, 2.5, 3, 4, 5, 6];

/** Moves of a camera, the shortest first, in eight directions; what they break is found by trying them. */
export function* movesOf({ devices, ground, rules }: ShotsSeen, camera: string | undefined): Generator<Fix> {
  const device = devices?.[camera ?? ''];
  const at = device?.place?.at;
  const level = device?.place?.level;
  if (!device || !at || camera === undefined) return;
  for (const { to, metres, heading } of stepsFrom(at, STEPS, HEADINGS)) {
    if (!canStand(ground, to, level, footprintOf(device.worked))) continue;
    yield {
      way: 'move',
      label: `Move ${device.label} ${inWords(metres, 'm', rules.units)} ${heading}`,
      changes: [placeAt(camera, to)],
    };
  }
}

/** Raises a camera's stand, a step at a time. */
export function* raisesOf({ devices, rules }: ShotsSeen, camera: string | undefined): Generator<Fix> {
  const device = devices?.[camera ?? ''];
  if (!device?.place || camera === undefined) return;
  for (const height of [1.5, 1.8, 2.1, 2.4]) {
    if (height <= (device.place.height ?? 0)) continue;
    yield fix(
      `Raise ${device.label} to ${inWords(height, 'm', rules.units)}`,
      inPlan().put('devices', camera, 'place', 'height', height),
      'raise',
    );
  }
}

/** Stops a camera down, to a tenth, never wider than what was asked for. */
export function* stopDown({ devices }: ShotsSeen, camera: string, wanted: number): Generator<Fix> {
  const device = devices?.[camera];
  if (!device) return;
  const value = Math.ceil(wanted * 10 - 1e-6) / 10;
  yield fix(`Stop ${device.label} down to f/${value}`, inPlan().put('devices', camera, 'aperture', value));
}

/** Opens a camera that was stopped down as wide as it goes. */
export function* openUp({ devices }: ShotsSeen, camera: string): Generator<Fix> {
  const device = devices?.[camera];
  if (device?.aperture === undefined) return;
  yield fix(`Open ${device.label} up`, inPlan().drop('devices', camera, 'aperture'));
}
