/** The checklist counted and weighed. */
import type { Kinds } from '../../documents/index.js';
import { given, type Figure } from '../../foundations/index.js';
import { packMissing, packPieces, packWeight } from './figures.js';
import type { PackLines } from './result.js';

interface Listed {
  readonly lines: PackLines;
}

export const piecesOf = ({ lines }: Listed): Figure =>
  packPieces.found(
    [],
    Object.values(lines).reduce((sum, { count }) => sum + count, 0),
  );

export const missingOf = ({ lines }: Listed): Figure =>
  packMissing.found([], Object.values(lines).filter(({ item }) => item === undefined).length);

export const weightOf = ({ lines, kinds }: Listed & { readonly kinds: Kinds }): Figure =>
  packWeight.calc(
    [],
    Object.values(lines).flatMap(({ kind = '', group }) => {
      const weight = kinds.kinds[kind]?.weight;
      if (weight === undefined || group === 'Floor') return [];
      return [given('item', weight, 'kg', 'kinds', `/kinds/${kind}/weight`)];
    }),
  );
