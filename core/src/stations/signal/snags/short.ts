import { entriesWhere, numberOf, severityOf, type Finding } from '../../../foundations/index.js';
import { RESOURCE_WORDS } from '../resource-words.js';
import { RESOURCES, type Count, type Resource } from '../resources.js';
import { signalRule } from '../result.js';
import { fix, inPlan } from '../../../edits.js';

/** What else does it, often cheaper than a larger switcher. */
const CHEAPER: Readonly<Partial<Record<Resource, string>>> = {
  mixes: 'A matrix or a sub-switcher makes another programme by cuts.',
  keyers: 'Let a computer put captions over a picture, or show them one after the other.',
  boxes: 'Let the call or slide computer show both side by side; that takes no box.',
  stills: 'Show it from the slide computer.',
  clips: 'Play it from a computer; not from the one that shows slides.',
  tiles: 'Take sources off the multiview that its user sees anyway, or add a second screen.',
  tracks: 'Record some cameras on their own cards, or take a second recorder.',
  aux: 'Split the programme outside the switcher.',
};

/** Less is spare than none, or than the house keeps. */
const isShort = (count: Count | undefined): boolean =>
  count !== undefined &&
  [count.spare, count.beyondKept].some(figure => figure && severityOf(figure) !== undefined);

/** These can be done without: a picture that is not seen among others, a sound that is mixed elsewhere. */
const SPARED: ReadonlySet<Resource> = new Set(['tiles', 'channels']);

function shortOf(id: string, label: string, name: Resource, count: Count): Finding {
  const { spare, have, used, beyondKept } = count;
  const severity = severityOf(spare);
  const words = (n: number, count: number | 'no' = n): string =>
    `${count} ${RESOURCE_WORDS[name][n === 1 ? 0 : 1]}`;
  const there = numberOf(have) ?? 0;
  if (severity === undefined) {
    return {
      severity: 'note',
      subjects: [id, name],
      title: `${label} has ${words(numberOf(spare) ?? 0)} left: less than the house keeps spare.`,
      because: [used, have, ...(beyondKept ? [beyondKept] : [])],
      advice: CHEAPER[name] ?? 'Keep one free for what breaks on the day.',
    };
  }
  return {
    severity: SPARED.has(name) ? 'note' : severity,
    subjects: [id, name],
    title: `${label} has ${words(there, there === 0 ? 'no' : there)}; the plan needs ${numberOf(used) ?? 0}.`,
    because: [used, have, spare],
    advice: CHEAPER[name] ?? 'Take a larger one, or leave something out.',
  };
}

/** More is drawn on something than there is, or than leaves the share spare that the house wants. */
export const short = signalRule({
  rule: 'signal.short',
  reads: ({ own }) => ({ countables: own.countables, devices: own.wiring.devices }),
  *find({ countables, devices }) {
    for (const [id, counts] of entriesWhere(countables, each =>
      RESOURCES.some(name => isShort(each[name])),
    )) {
      for (const name of RESOURCES) {
        const count = counts[name];
        if (count && isShort(count)) yield shortOf(id, devices[id]?.label ?? id, name, count);
      }
    }
  },
  *fixes({ subjects: [id = '', name = ''] }, { own: { countables }, outputs, runningOrder }) {
    const need = numberOf(countables[id]?.[name as Resource]?.have) ?? 0;
    if (name === 'tracks') {
      for (const [output, { isolated = 0, label, kind }] of Object.entries(outputs ?? {})) {
        const fewer = Math.max(0, Math.min(isolated - 1, need - 1));
        if (kind !== 'recording' || isolated === 0) continue;
        yield fix(
          fewer === 0 ? `Record no camera apart for ${label}` : `Record ${fewer} apart for ${label}`,
          inPlan().put('outputs', output, 'isolated', fewer),
        );
      }
    }
    for (const [item, { layouts, label }] of Object.entries(runningOrder ?? {})) {
      for (const layout of layouts ?? []) {
        yield fix(
          `Do “${label}” without ${layout}`,
          inPlan().put(
            'runningOrder',
            item,
            'layouts',
            (layouts ?? []).filter(each => each !== layout),
          ),
          'leave',
        );
      }
    }
  },
});
