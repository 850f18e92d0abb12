import { idFrom, inOrder, listed, severityOf } from '../../../foundations/index.js';
import { beltpacks } from '../add-gear.js';
import { connect } from '../connect.js';
import { switches } from '../functions.js';
import { signalRule } from '../result.js';

const WORDS = {
  control: {
    title: (names: string) => `Nothing steers ${names}: it stays as it was left.`,
    advice: 'Lead the network or a control lead to it, or lock it off.',
  },
  talkback: {
    title: (names: string) => `Whoever mixes cannot speak to the operator of ${names}.`,
    advice: 'Give them a beltpack, or talkback with the return picture.',
  },
  tally: {
    title: (names: string) => `The operator of ${names} does not see when it is on air.`,
    advice: 'Lead tally to it, or fix a screen with the programme to the camera.',
  },
} as const;
const LINES = ['control', 'talkback', 'tally'] as const;

/** Cameras to which control, talkback or tally is missing. */
export const lineMissing = signalRule({
  rule: 'signal.line-missing',
  reads: ({ own }) => ({ cameras: own.cameras, devices: own.wiring.devices }),
  *find({ cameras, devices }) {
    for (const line of LINES) {
      const missing = Object.entries(cameras).flatMap(([id, lines]) => {
        const figure = lines[line];
        const severity = figure && severityOf(figure);
        return severity === undefined ? [] : [{ id, figure, severity }];
      });
      const [first] = missing;
      if (!first) continue;
      const names = listed(missing.map(({ id }) => devices[id]?.label ?? id));
      yield {
        severity: first.severity,
        subjects: [line, ...missing.map(({ id }) => id)],
        title: WORDS[line].title(names),
        because: missing.flatMap(({ figure }) => figure ?? []),
        advice: WORDS[line].advice,
      };
    }
  },
  *fixes({ id, subjects: [line, ...cameras] }, { own: { wiring, leads }, kinds, shelf, links }) {
    const [camera] = cameras;
    const desk = inOrder(wiring.devices).find(([device]) => switches(wiring, device))?.[0];
    if (line === 'talkback' && desk !== undefined)
      yield* beltpacks(cameras, desk, id, { kinds, shelf, wiring });
    if (line !== 'control' || camera === undefined || cameras.length > 1) return;
    const port = inOrder(wiring.kindOf(camera)?.ports).find(([, { carries }]) => carries === 'network');
    if (!port) return;
    for (const [device, { label }] of inOrder(wiring.devices)) {
      const family = wiring.kindOf(device)?.family;
      if (family !== 'network switch' && family !== 'router') continue;
      const [free] = wiring.freePorts(
        device,
        ({ carries, direction }) => carries === 'network' && direction !== 'in',
      );
      if (!free) continue;
      const joint = {
        from: { device, port: free[0] },
        fromPort: free[1],
        to: { device: camera, port: port[0] },
        toPort: port[1],
        seed: idFrom(`${id}/${device}`),
        hasLinks: links !== undefined,
      };
      const connection = connect(joint, { kinds, shelf, wiring, leads });
      if (connection) yield { ...connection, label: `Plug it into ${free[1].label} of ${label}` };
    }
  },
});
