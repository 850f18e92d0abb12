/** Layouts and graphics: what each item of the running order draws on, all at once. */
import type { Layout, RunningItem, Task } from '../../documents/index.js';
import { constant, inOrder, type MapOf, type Term } from '../../foundations/index.js';

export const LAYOUT_RESOURCES = ['keyers', 'boxes', 'stills', 'clips'] as const;
export type LayoutResource = (typeof LAYOUT_RESOURCES)[number];

const NEEDS: Readonly<Record<Layout, Partial<Record<LayoutResource, number>>>> = {
  inset: { boxes: 1 },
  'side by side': { boxes: 2 },
  'two places': { boxes: 2 },
  captions: { keyers: 1 },
  clip: { clips: 1 },
  'holding slide': { stills: 1 },
  'key and fill': { keyers: 1 },
  'colour key': { keyers: 1 },
};

/** A computer with one of these tasks does a layout in place of the switcher. */
const DONE_BY: Readonly<Partial<Record<Layout, Task>>> = { clip: 'clips', 'holding slide': 'slides' };

/** For each thing that layouts draw on, what every live item needs of it that needs any, in pieces. */
export function layoutNeeds(
  runningOrder: MapOf<RunningItem> | undefined,
  tasks: ReadonlySet<Task>,
): Readonly<Record<LayoutResource, readonly Term[]>> {
  const live = inOrder(runningOrder).filter(([, { phase }]) => phase === 'live');
  const termsOf = (name: LayoutResource): Term[] =>
    live.flatMap(([, { label, layouts = [] }]) => {
      const drawing = layouts.filter(each => {
        const task = DONE_BY[each];
        return NEEDS[each][name] !== undefined && (task === undefined || !tasks.has(task));
      });
      const needs = drawing.reduce((sum, each) => sum + (NEEDS[each][name] ?? 0), 0);
      return needs > 0 ? [constant('used', needs, 'pieces', `${label}: ${drawing.join(', ')}`)] : [];
    });
  return {
    keyers: termsOf('keyers'),
    boxes: termsOf('boxes'),
    stills: termsOf('stills'),
    clips: termsOf('clips'),
  };
}
