/** What room and what load are left in a case, bag or crate. */
import type { Hold, Kinds } from '../../../documents/index.js';
import { constant, given, taken, type Figure, type Term } from '../../../foundations/index.js';
import { weightTerm } from '../lifting/cases.js';
import type { PackLines } from '../result.js';
import { isCaseKind } from './travels.js';
import * as figures from './figures.js';
import type { PackedSize } from './sizes.js';

export interface CaseRoom {
  readonly label: string;
  readonly kind: string;
  readonly hold: Hold;
  /** What lies in it, without what lies in cases in it. */
  readonly held: PackLines;
  readonly sizes: Readonly<Record<string, PackedSize>>;
  /** Of these, how many nobody has measured. */
  readonly guessed: Figure;
  readonly inner: Figure;
  readonly loadLeft: Figure;
  readonly fill: Figure;
}

const LITRES = 1000;

export function roomOf(
  id: string,
  {
    label,
    kind,
    hold,
    held,
    sizes,
    all,
    kinds,
  }: {
    readonly label: string;
    readonly kind: string;
    readonly hold: Hold;
    readonly held: PackLines;
    readonly sizes: Readonly<Record<string, PackedSize>>;
    /** Everything in it, what lies in cases in it too. */
    readonly all: PackLines;
    readonly kinds: Kinds['kinds'];
  },
): CaseRoom {
  const pointer = `/kinds/${kind}/hold`;
  const weights = Object.values(all).flatMap((line): Term[] => {
    const term = weightTerm(line, kinds);
    return term ? [term] : [];
  });
  const volumes = Object.entries(sizes).map(([line, { width, depth, height, guessed }]) => {
    const words = `${held[line]?.purpose ?? ''}: ${held[line]?.label ?? ''}`;
    return constant(
      'item',
      width * depth * height * LITRES,
      'L',
      guessed ? `${words}, of its usual size` : words,
    );
  });
  const guesses = Object.values(sizes).filter(({ guessed }) => guessed).length;
  const inner = figures.caseInner.calc(
    [id],
    [
      constant('litres', LITRES, '', 'litres in a cubic metre'),
      given('wide', hold.width, 'm', 'kinds', `${pointer}/width`),
      given('deep', hold.depth, 'm', 'kinds', `${pointer}/depth`),
      given('high', hold.height, 'm', 'kinds', `${pointer}/height`),
    ],
  );
  return {
    ...{ label, kind, hold, held, sizes, inner },
    guessed: figures.caseGuessed.found([id], guesses),
    loadLeft: figures.caseLoadLeft.calc(
      [id],
      [given('limit', hold.load, 'kg', 'kinds', `${pointer}/load`), ...weights],
    ),
    fill: figures.caseFill.calc([id], [...volumes, taken('inner', inner)]),
  };
}

/** How many lines travel in no case, and are none themselves. */
export const looseOf = ({
  lines,
  travels,
  kinds,
}: {
  readonly lines: PackLines;
  readonly travels: Readonly<Record<string, readonly string[]>>;
  readonly kinds: Kinds['kinds'];
}): Figure =>
  figures.packLoose.found(
    [],
    Object.entries(lines).filter(
      ([id, { kind }]) => (travels[id] ?? []).length === 0 && !isCaseKind(kinds[kind ?? '']),
    ).length,
  );
