/** What the floor asks for: tape, ramps, hooks and mats. */
import type { Family, Kinds, Shelf } from '../../documents/index.js';
import { constant, DRAWN_TO, inOrder, taken, type Figure } from '../../foundations/index.js';
import type { RunsResult } from '../runs/index.js';
import * as figures from './figures.js';
import type { PackLine, PackLines } from './result.js';

export const tapeRollsFor = ({ taped }: { readonly taped: Figure }): Figure =>
  figures.tapeRolls.calc([], [taken('taped', taped), constant('roll', 50, 'm', 'cloth tape, rolls of 50 m')]);

/** Length of one piece of ramp, m. */
const RAMP_PIECE = 0.9;

export const rampPiecesFor = ({ ramps }: Pick<RunsResult, 'ramps'>): Figure =>
  figures.rampPieces.calc(
    [],
    ramps.map(({ label, width }) =>
      constant(
        'pieces',
        Math.ceil((width - DRAWN_TO) / RAMP_PIECE),
        'pieces',
        `across ${label}, in lengths of ${RAMP_PIECE} m`,
      ),
    ),
  );

interface FloorLine {
  readonly key: string;
  readonly family: Family;
  /** The figure that says how many. */
  readonly of: 'tapeRolls' | 'rampPieces' | 'hooks' | 'mats';
  /** What it is, where the shelf has none. */
  readonly words: string;
  readonly purpose: string;
}

/** Lines of what the floor asks for, by their keys. */
export const FLOOR_LINES: readonly FloorLine[] = [
  {
    ...{ key: 'tape00000', family: 'tape', of: 'tapeRolls' },
    ...{ words: 'Cloth tape, roll of 50 m', purpose: 'leads on the floor' },
  },
  {
    ...{ key: 'ramps0000', family: 'ramp', of: 'rampPieces' },
    ...{ words: 'Cable ramp, 0.9 m', purpose: 'crossings of clear aisles' },
  },
  {
    ...{ key: 'hooks0000', family: 'hook', of: 'hooks' },
    ...{ words: 'Hook for leads over a door', purpose: 'doors that leads go over' },
  },
  {
    ...{ key: 'mats00000', family: 'mat', of: 'mats' },
    ...{ words: 'Cable mat, 0.9 m', purpose: 'openings that people walk through' },
  },
];

type FloorCounts = Readonly<Record<FloorLine['of'], Figure>>;

export function floorLines({
  kinds,
  shelf,
  ...counts
}: FloorCounts & { readonly kinds: Kinds; readonly shelf: Shelf }): PackLines {
  return Object.fromEntries(
    FLOOR_LINES.flatMap(({ key, family, of, words, purpose }): [string, PackLine][] => {
      const count = Number(counts[of].value ?? 0);
      if (count === 0) return [];
      const [item, own] =
        inOrder(shelf.items).find(([, { kind }]) => kinds.kinds[kind]?.family === family) ?? [];
      return [
        [
          key,
          {
            ...{ group: 'Floor', label: (own && kinds.kinds[own.kind]?.label) ?? words, purpose },
            ...{ tape: own?.tape, item, kind: own?.kind, count, inside: undefined },
          },
        ],
      ];
    }),
  );
}
