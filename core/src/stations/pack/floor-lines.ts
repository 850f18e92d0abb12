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

export function floorLines({
  tapeRolls,
  rampPieces,
  hooks,
  mats,
  kinds,
  shelf,
}: Readonly<Record<'tapeRolls' | 'rampPieces' | 'hooks' | 'mats', Figure>> & {
  readonly kinds: Kinds;
  readonly shelf: Shelf;
}): PackLines {
  const lines: Record<string, PackLine> = {};
  const counted = (key: string, family: Family, words: string, purpose: string, count: Figure): void => {
    const wanted = Number(count.value ?? 0);
    if (wanted === 0) return;
    const stock = inOrder(shelf.items).find(([, item]) => kinds.kinds[item.kind]?.family === family);
    lines[key] = {
      group: 'Floor',
      label: stock ? (kinds.kinds[stock[1].kind]?.label ?? words) : words,
      purpose,
      tape: stock?.[1].tape,
      item: stock?.[0],
      kind: stock?.[1].kind,
      count: wanted,
      inside: undefined,
    };
  };
  counted('tape00000', 'tape', 'Cloth tape, roll of 50 m', 'leads on the floor', tapeRolls);
  counted('ramps0000', 'ramp', 'Cable ramp, 0.9 m', 'crossings of clear aisles', rampPieces);
  counted('hooks0000', 'hook', 'Hook for leads over a door', 'doors that leads go over', hooks);
  counted('mats00000', 'mat', 'Cable mat, 0.9 m', 'openings that people walk through', mats);
  return lines;
}
