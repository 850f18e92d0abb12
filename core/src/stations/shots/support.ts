/** What a camera stands on: whether it is tall, strong and smooth enough. */
import type { Device, Kind } from '../../documents/index.js';
import { constant, given, inOrder, type Figure, type Fix, type Term } from '../../foundations/index.js';
import * as figures from './figures/cameras.js';
import { carriedThings, mountedWith, type Mounted } from './mounted.js';
import type { ShotsSeen } from './result.js';
import { fix, inPlan } from '../../edits.js';

export interface SupportResult {
  readonly label: string;
  /** It holds the lens as high as it is planned. */
  readonly tallEnough: Figure;
  /** It carries the camera and all that is fixed to it. */
  readonly strongEnough: Figure;
  /** Its head can be worked by hand, where somebody works it. */
  readonly rightHead: Figure;
}

/** What the checks of a support read of a device. */
export type Supported = Pick<Device, 'support' | 'place' | 'worked'>;

/** The checks of a camera's support; undefined where none is chosen or its kind is gone. */
export function supportResult(
  id: string,
  { support, place, worked = 'locked' }: Supported,
  of: Kind | undefined,
  mounted: Mounted,
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
    strongEnough: strongEnough(id, mounted, from('load', load, 'kg', 'load')),
    rightHead: figures.rightHead.calc(
      [id],
      [
        constant('worked', worked, '', 'how the camera is worked'),
        given('head', head, '', 'kinds', `/kinds/${support}/support/head`),
      ],
    ),
  };
}

/** Whether a support carries all that is on it. What was not weighed can only make it worse. */
function strongEnough(id: string, { weights, unweighed }: Mounted, load: Term): Figure {
  const [missing] = unweighed;
  const known = weights.reduce((sum, { value }) => sum + Number(value), 0);
  return missing !== undefined && known <= Number(load.value)
    ? figures.strongEnough.unknown([id], `the weight of ${missing} is not known`)
    : figures.strongEnough.calc([id], [...weights, load]);
}

/** Puts a camera on each other kind of support that is tall, strong and smooth enough for it, the lightest first. */
export function* otherSupports({ devices, equipment, kinds }: ShotsSeen, camera: string): Generator<Fix> {
  const device = devices?.[camera];
  if (!device) return;
  const mounted = mountedWith({
    device,
    things: carriedThings({ equipment, kinds: kinds.kinds })[camera],
    kinds: kinds.kinds,
  });
  const fitting = inOrder(kinds.kinds)
    .filter(([id, { support }]) => support && id !== device.support)
    .filter(([id, of]) => {
      const { tallEnough, strongEnough, rightHead } =
        supportResult(camera, { ...device, support: id }, of, mounted) ?? {};
      return [tallEnough, strongEnough, rightHead].every(each => each && each.value !== false);
    })
    .sort(([, a], [, b]) => (a.weight ?? 0) - (b.weight ?? 0));
  for (const [value, { label }] of fitting) {
    yield fix(`Put ${device.label} on “${label}”`, inPlan().put('devices', camera, 'support', value));
  }
}
