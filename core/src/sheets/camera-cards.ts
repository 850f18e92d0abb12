/** One card for each camera: where it stands, how it is set, and what it shows, with its picture. */
import type { Assessment } from '../assess.js';
import type { Bundle } from '../documents/index.js';
import {
  inOrder,
  numberOf,
  polar,
  shortLabel,
  showText,
  type Figure,
  type Point,
} from '../foundations/index.js';
import { readingOf } from '../review.js';
import { filterFor } from '../stations/shots/exposure.js';
import { SPARE } from '../stations/shots/figures/light.js';
import { WORKED_WORDS } from '../stations/equipment.js';
import { viewfinderOf, type Inked } from '../viewfinder/index.js';

export interface CameraCard {
  readonly id: string;
  readonly label: string;
  /** What it is, with its tape code. */
  readonly kind: string;
  readonly at: Point | undefined;
  /** Where it looks on the plan, and the point 1 m along that. */
  readonly towards: Point | undefined;
  /** What it sees, cut to its angle of view. */
  readonly wedge: readonly Point[];
  /** Lines to set it up by: a name and what is to be set. */
  readonly lines: readonly (readonly [name: string, words: string])[];
  /** Every shot it takes, the first one first. */
  readonly shots: readonly string[];
  /** The picture of its first shot; undefined where it has none. */
  readonly picture: readonly Inked[] | undefined;
}

/** The cards of all cameras, in order. */
export function cameraCards(bundle: Bundle, assessment: Assessment): CameraCard[] {
  const { plan, kinds, shelf } = bundle;
  const { ground, shots, rules } = assessment;
  const reading = readingOf(plan, rules);
  const words = ({ value, unit }: Figure): string =>
    value === null ? 'not known' : showText(value, unit, reading);
  const line = (figure: Figure, text = words(figure)): [string, string] => [shortLabel(figure.of), text];
  const metres = (value: number): string => showText(value, 'm', reading);
  return inOrder(plan.devices).flatMap(([id, device]): CameraCard[] => {
    const camera = shots.cameras[id];
    if (!camera) return [];
    const own = inOrder(plan.shots).filter(([, shot]) => shot.camera === id);
    const [first] = own;
    const result = first && shots.shots[first[0]];
    const { place, worked = 'locked', support, item, converter, lens } = device;
    const level = place?.level === undefined ? undefined : ground.venue.areas?.[place.level]?.label;
    const markOf = (mark: string): string => ground.venue.marks?.[mark]?.label ?? 'a lost mark';
    const tape = item === undefined ? undefined : shelf.items[item]?.tape;
    const lines: [string, string][] = [
      ['Worked', WORKED_WORDS[worked]],
      [
        'Stands',
        place?.at
          ? `${metres(place.at[0])} east, ${metres(place.at[1])} south${level ? `, ${level}` : ''}`
          : 'no place yet',
      ],
      ['Lens height', place?.height === undefined ? 'not set' : metres(place.height)],
      ['On', support === undefined ? 'not chosen' : (kinds.kinds[support]?.label ?? 'an unknown stand')],
      ['Size and rate', rules.format],
    ];
    if (result) {
      lines.push(
        line(result.focal),
        ...(converter === undefined
          ? []
          : [['Converter', showText(converter, '×', reading)] as [string, string]]),
        ...(lens === undefined
          ? []
          : [['Lens', kinds.kinds[lens]?.label ?? 'an unknown lens'] as [string, string]]),
        line(result.aperture),
        ...((numberOf(result.lightToSpare) ?? 0) > SPARE
          ? [
              ['Filter', `neutral density, ${filterFor(numberOf(result.lightToSpare) ?? 0)}`] as [
                string,
                string,
              ],
            ]
          : []),
        line(result.shutter),
        line(result.gain, `${words(result.gain)} (${words(result.iso)})`),
        [
          'Focus',
          `${words(result.focus.focusAt)}, sharp from ${words(result.focus.near)} to ${infinite(result.focus.far, words)}`,
        ],
        ['White balance', 'by hand, the same for all cameras'],
      );
    }
    lines.push(...inOrder(device.knobs).map(([, { knob, to }]): [string, string] => [knob, to]));
    const aim = camera.aim.value;
    const seen = viewfinderOf({ bundle, assessment }, { camera: id, shot: first?.[0], posture: 'seated' });
    return [
      {
        id,
        label: device.label,
        kind: `${kinds.kinds[device.kind]?.label ?? 'Unknown kind'}${tape ? `, ${tape}` : ''}`,
        at: camera.at,
        towards: camera.at && typeof aim === 'number' ? polar(camera.at, aim, 1) : undefined,
        wedge: camera.wedge,
        lines,
        shots: own.map(
          ([, { mark, size, window }]) => `${markOf(mark)}, ${size}${window ? ', a window' : ''}`,
        ),
        picture: seen?.inked,
      },
    ];
  });
}

const infinite = (far: Figure, words: (figure: Figure) => string): string =>
  far.why === 'infinite' ? 'as far as one sees' : words(far);
