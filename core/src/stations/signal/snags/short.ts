import { entriesWhere, numberOf, type Rule } from '../../../foundations/index.js';
import type { Seen } from '../../station.js';
import { COUNTABLE_WORDS } from '../countable-words.js';
import { COUNTABLES, type Count, type Countable } from '../countables.js';
import type { SignalReads, SignalResult } from '../index.js';

/** What else does it, often cheaper than a larger switcher. */
const CHEAPER: Readonly<Partial<Record<Countable, string>>> = {
  mixes: 'A matrix or a sub-switcher makes another programme by cuts.',
  keyers: 'Let a computer put captions over a picture, or show them one after the other.',
  boxes: 'Let the call or slide computer show both side by side; that takes no box.',
  stills: 'Show it from the slide computer.',
  clips: 'Play it from a computer; not from the one that shows slides.',
  tiles: 'Take sources off the multiview that its user sees anyway, or add a second screen.',
  tracks: 'Record some cameras on their own cards, or take a second recorder.',
  aux: 'Split the programme outside the switcher.',
};

/** Less is spare than none, or than the house keeps; shares of small numbers are no whole ones. */
const isShort = (count: Count | undefined): boolean =>
  count !== undefined && ((numberOf(count.spare) ?? 0) < 0 || (numberOf(count.beyondKept) ?? 0) < -1e-9);

/** More is drawn on something than there is, or than leaves the share spare that the house wants. */
export const short: Rule<Seen<SignalReads, SignalResult>> = {
  rule: 'signal.short',
  station: 'signal',
  find: ({ own: { countables, wiring } }) =>
    entriesWhere(countables, counts => COUNTABLES.some(name => isShort(counts[name]))).flatMap(
      ([id, counts]) =>
        COUNTABLES.flatMap(name => {
          const count = counts[name];
          if (!count || !isShort(count)) return [];
          const spare = numberOf(count.spare) ?? 0;
          const [have = 0, used = 0] = [numberOf(count.have), numberOf(count.used)];
          const words = (n: number): string => `${n} ${COUNTABLE_WORDS[name][n === 1 ? 0 : 1]}`;
          const label = wiring.devices[id]?.label ?? id;
          const because = [`signal.countables.${id}.${name}.used`, `signal.countables.${id}.${name}.have`];
          return [
            spare < 0
              ? {
                  severity: name === 'tiles' || name === 'channels' ? ('note' as const) : ('stop' as const),
                  subjects: [id, name],
                  title: `${label} has ${have === 0 ? 'no' : have} ${COUNTABLE_WORDS[name][have === 1 ? 0 : 1]}; the plan needs ${used}.`,
                  because,
                  advice: CHEAPER[name] ?? 'Take a larger one, or leave something out.',
                }
              : {
                  severity: 'note' as const,
                  subjects: [id, name],
                  title: `${label} has ${words(spare)} left: less than the house keeps spare.`,
                  because: [...because, `signal.countables.${id}.${name}.beyondKept`],
                  advice: CHEAPER[name] ?? 'Keep one free for what breaks on the day.',
                },
          ];
        }),
    ),
  *fixes({ subjects: [id = '', name = ''] }, { own: { countables }, outputs, runningOrder }) {
    const need = numberOf(countables[id]?.[name as Countable]?.have) ?? 0;
    if (name === 'tracks') {
      for (const [output, { isolated = 0, label, kind }] of Object.entries(outputs ?? {})) {
        const fewer = Math.max(0, Math.min(isolated - 1, need - 1));
        if (kind !== 'recording' || isolated === 0) continue;
        yield {
          label: fewer === 0 ? `Record no camera apart for ${label}` : `Record ${fewer} apart for ${label}`,
          changes: [
            {
              document: 'plan',
              patch: [{ op: 'replace', path: `/outputs/${output}/isolated`, value: fewer }],
            },
          ],
        };
      }
    }
    for (const [item, { layouts, label }] of Object.entries(runningOrder ?? {})) {
      for (const layout of layouts ?? []) {
        yield {
          way: 'leave',
          label: `Do “${label}” without ${layout}`,
          changes: [
            {
              document: 'plan',
              patch: [
                {
                  op: 'replace',
                  path: `/runningOrder/${item}/layouts`,
                  value: (layouts ?? []).filter(each => each !== layout),
                },
              ],
            },
          ],
        };
      }
    }
  },
};
