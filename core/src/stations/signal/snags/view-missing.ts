import { listed, numberOf, type Rule } from '../../../foundations/index.js';
import type { Viewer } from '../../../documents/index.js';
import type { Seen } from '../../station.js';
import { screenAt } from '../add-gear.js';
import type { SignalReads, SignalResult } from '../index.js';

/** Width below which a picture among others is hard to judge from a chair at the desk, m. */
const READABLE = 0.12;

const ADVICE: Readonly<Record<Viewer, string>> = {
  mixer: 'Set an output to the multiview and put a screen before whoever mixes.',
  camera: 'Fix a small screen with the programme to the camera, or lead a return picture to it.',
  presenter: 'Turn a screen with the programme to the stage.',
  watcher: 'Let somebody watch the stream on a phone over the mobile network, as a guest would.',
  sound: 'Put the meters where sound is mixed.',
};

/** Somebody who takes part without seeing what they must see: mixing blind, or a stream that nobody watches. */
export const viewMissing: Rule<Seen<SignalReads, SignalResult>> = {
  rule: 'signal.view-missing',
  station: 'signal',
  find: ({ own: { views } }) => {
    const blind = Object.entries(views).filter(([, { sees }]) => sees.value === null);
    const viewers = [...new Set(blind.map(([, { viewer }]) => viewer))];
    const shared = Object.entries(views).filter(
      ([, { viewer, sees }]) =>
        viewer === 'watcher' && String(sees.value).endsWith('over the line of the stream'),
    );
    const small = Object.entries(views).filter(([, { tile }]) => (numberOf(tile) ?? READABLE) < READABLE);
    return [
      ...viewers.map(viewer => {
        const own = blind.filter(([, each]) => each.viewer === viewer);
        return {
          severity: viewer === 'mixer' ? ('risk' as const) : ('note' as const),
          subjects: [viewer, ...own.flatMap(([, { device }]) => device ?? [])],
          title:
            viewer === 'mixer'
              ? `${capital(listed(own.map(([, { label }]) => label)))} mixes blind: ${own[0]?.[1].sees.why ?? ''}.`
              : `${capital(listed(own.map(([, { label }]) => label)))}: ${own[0]?.[1].sees.why ?? ''}.`,
          because: own.map(([key]) => `signal.views.${key}.sees`),
          advice: ADVICE[viewer],
        };
      }),
      ...shared.map(([key]) => ({
        severity: 'note' as const,
        subjects: [key],
        title: 'The stream is watched over its own line: it will look well when it is not.',
        because: [`signal.views.${key}.sees`],
        advice: ADVICE.watcher,
      })),
      ...small.map(([key, { label, tile }]) => ({
        severity: 'note' as const,
        subjects: [key],
        title: `For ${label} each picture is ${Math.round((numberOf(tile) ?? 0) * 100)} cm wide: hard to see who is sharp.`,
        because: [`signal.views.${key}.tile`],
        advice: 'Take a larger screen, or fewer pictures on it.',
      })),
    ];
  },
  *fixes({ id: seed, subjects: [viewer = '', ...of] }, { own: { wiring }, kinds, shelf }) {
    const [switcher] = of;
    if (viewer === 'mixer' && switcher !== undefined && of.length === 1)
      yield* screenAt(switcher, seed, { kinds, shelf, wiring });
    if (viewer !== 'presenter' && viewer !== 'watcher') return;
    for (const [id, { label, viewers = [] }] of Object.entries(wiring.devices)) {
      const family = wiring.kindOf(id)?.family;
      const suits =
        viewer === 'presenter' ? family === 'screen' : family === 'computer' || family === 'control';
      if (!suits || viewers.includes(viewer)) continue;
      yield {
        label: viewer === 'presenter' ? `${label} is turned to the stage` : `It is watched on ${label}`,
        changes: [
          {
            document: 'plan',
            patch: [{ op: 'add', path: `/devices/${id}/viewers`, value: [...viewers, viewer] }],
          },
        ],
      };
    }
  },
};

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
