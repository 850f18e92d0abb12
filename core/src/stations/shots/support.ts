/** What a camera stands on: whether it is tall, strong and smooth enough. */
import type { Device, Kind } from '../../documents/index.js';
import { constant, given, inOrder, type Figure, type Fix } from '../../foundations/index.js';
import * as figures from './figures/cameras.js';
import type { ShotsSeen } from './result.js';
import { fix, inPlan } from '../../edits.js';

export interface SupportResult {
  readonly label: string;
  /** It holds the lens as high as it is planned. */
  readonly tallEnough: Figure;
  /** It carries the camera. */
  readonly strongEnough: Figure;
  /** Its head can be worked by hand, where somebody works it. */
  readonly rightHead: Figure;
}

/** What the checks of a support read of a device. */
export type Supported = Pick<Device, 'support' | 'kind' | 'place' | 'worked'>;

/** The checks of a camera's support; undefined where none is chosen or its kind is gone. */
export function supportResult(
  id: string,
  { support, kind, place, worked = 'locked' }: Supported,
  of: Kind | undefined,
  /** Of the camera, kg. */
  weight: number | undefined,
): SupportResult | undefined {
  if (support === undefined || !of?.support) return undefined;
  const { low, high, load, head } = of.support;
  const from = (name: string, value: number, unit: 'm' | 'kg', field: string) =>
    given(name, value, unit, 'kinds', `/kinds/${support}/support/${field}`);
  return {
    label: of.label,
    tallEnough:
      place?.height === undefined
        ? figures.tallEnough.unknown([id], 'the height of the lens is not set')
        : figures.tallEnough.calc(
            [id],
            [
              from('low', low, 'm', 'low'),
              from('high', high, 'm', 'high'),
              given('lens', place.height, 'm', 'plan', `/devices/${id}/place/height`),
            ],
          ),
    strongEnough:
      weight === undefined
        ? figures.strongEnough.unknown([id], 'the weight of the camera is not known')
        : figures.strongEnough.calc(
            [id],
            [
              given('weight', weight, 'kg', 'kinds', `/kinds/${kind}/weight`),
              from('load', load, 'kg', 'load'),
            ],
          ),
    rightHead: figures.rightHead.calc(
      [id],
      [
        constant('worked', worked, '', 'how the camera is worked'),
        given('head', head, '', 'kinds', `/kinds/${support}/support/head`),
      ],
    ),
  };
}

/** Puts a camera on each other kind of support that is tall, strong and smooth enough for it, the lightest first. */
export function* otherSupports({ devices, kinds }: ShotsSeen, camera: string): Generator<Fix> {
  const device = devices?.[camera];
  if (!device) return;
  const fitting = inOrder(kinds.kinds)
    .filter(([id, { support }]) => support && id !== device.support)
    .filter(([id, of]) => {
      const { tallEnough, strongEnough, rightHead } =
        supportResult(camera, { ...device, support: id }, of, kinds.kinds[device.kind]?.weight) ?? {};
      return [tallEnough, strongEnough, rightHead].every(each => each && each.value !== false);
    })
    .sort(([, a], [, b]) => (a.weight ?? 0) - (b.weight ?? 0));
  for (const [value, { label }] of fitting) {
    yield fix(`Put ${device.label} on “${label}”`, inPlan().put('devices', camera, 'support', value));
  }
}
