import { listed, severityOf } from '../../../foundations/index.js';
import { deviceDoes } from '../functions.js';
import { signalRule } from '../result.js';
import { ontoNetworks } from './onto-network.js';

/** Remote cameras that nothing steers. */
export const lineMissing = signalRule({
  rule: 'signal.line-missing',
  reads: ({ own }) => ({ cameras: own.cameras, devices: own.wiring.devices }),
  *find({ cameras, devices }) {
    const missing = Object.entries(cameras).flatMap(([id, { control }]) => {
      const severity = control && severityOf(control);
      return severity === undefined ? [] : [{ id, figure: control, severity }];
    });
    const [first] = missing;
    if (!first) return;
    const names = listed(missing.map(({ id }) => devices[id]?.label ?? id));
    yield {
      severity: first.severity,
      subjects: ['control', ...missing.map(({ id }) => id)],
      title: `Nothing steers ${names}: it stays as it was left.`,
      because: missing.flatMap(({ figure }) => figure ?? []),
      advice: 'Put it on one network with what controls it, or lead a control lead to it, or lock it off.',
    };
  },
  *fixes({ id, subjects: [, ...cameras] }, { own: { wiring, leads }, kinds, shelf, links }) {
    const [camera] = cameras;
    if (camera === undefined || cameras.length > 1) return;
    yield* ontoNetworks({
      ...{ device: camera, seed: id, what: 'the camera' },
      works: each => deviceDoes(wiring, each, 'controls'),
      offered: kind => kind.family === 'control',
      stock: { kinds, shelf, wiring, leads, hasLinks: links !== undefined },
    });
  },
});
