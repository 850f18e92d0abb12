/** Dimensions of formulas, over their parsed tree: lengths are not added to watts, whatever the numbers give. */
import { parseFormula, type Tree } from '../src/foundations/formula-tree.js';
import type { Term } from '../src/foundations/figure.js';
import type { Unit } from '../src/foundations/units.js';

/** Exponents of metre, second, ampere, volt, kilogram, bit, lux and kelvin. */
type Exponents = Readonly<Record<string, number>>;
/** Not numbers: an instant, a text, a verdict. `any` is what an empty sum is. */
export type Dimension = Exponents | 'instant' | 'text' | 'verdict' | 'any';

const ONE: Exponents = {};
const of = (exponents: Exponents): Exponents => exponents;

const UNITS: Readonly<Record<Unit, Dimension>> = {
  '': ONE,
  'f/': ONE,
  ISO: ONE,
  stops: ONE,
  '°': ONE,
  px: ONE,
  U: ONE,
  '%': ONE,
  '×': ONE,
  dB: ONE,
  pieces: ONE,
  people: ONE,
  rolls: ONE,
  trips: ONE,
  // Days that are counted, and years of age beside years of life.
  days: ONE,
  years: ONE,
  money: of({ money: 1 }),
  'money/GB': of({ money: 1, b: -1 }),
  'money/h': of({ money: 1, s: -1 }),
  'money/km': of({ money: 1, m: -1 }),
  km: of({ m: 1 }),
  m: of({ m: 1 }),
  mm: of({ m: 1 }),
  µm: of({ m: 1 }),
  'm²': of({ m: 2 }),
  'mm²': of({ m: 2 }),
  s: of({ s: 1 }),
  ms: of({ s: 1 }),
  min: of({ s: 1 }),
  h: of({ s: 1 }),
  Hz: of({ s: -1 }),
  MHz: of({ s: -1 }),
  'dB/100 m': of({ m: -1 }),
  A: of({ A: 1 }),
  mA: of({ A: 1 }),
  V: of({ V: 1 }),
  VA: of({ A: 1, V: 1 }),
  Ω: of({ V: 1, A: -1 }),
  'Ω/m': of({ V: 1, A: -1, m: -1 }),
  W: of({ A: 1, V: 1 }),
  Wh: of({ A: 1, V: 1, s: 1 }),
  Ah: of({ A: 1, s: 1 }),
  'Ω·mm²/m': of({ V: 1, A: -1, m: 1 }),
  'kb/s': of({ b: 1, s: -1 }),
  'Mb/s': of({ b: 1, s: -1 }),
  'MB/s': of({ b: 1, s: -1 }),
  GB: of({ b: 1 }),
  kg: of({ kg: 1 }),
  lx: of({ lx: 1 }),
  'lx·s': of({ lx: 1, s: 1 }),
  K: of({ K: 1 }),
  mired: of({ K: -1 }),
  '°C': of({ K: 1 }),
  'm/min': of({ m: 1, s: -1 }),
  'm³/h': of({ m: 3, s: -1 }),
  'm³·K/Wh': of({ m: 3, K: 1, A: -1, V: -1, s: -1 }),
  'W/m²': of({ A: 1, V: 1, m: -2 }),
  'W/m²K': of({ A: 1, V: 1, m: -2, K: -1 }),
  Pa: of({ kg: 1, m: -1, s: -2 }),
  N: of({ kg: 1, m: 1, s: -2 }),
  'm/s': of({ m: 1, s: -1 }),
  'm/s²': of({ m: 1, s: -2 }),
  's/m': of({ s: 1, m: -1 }),
  '/min': of({ s: -1 }),
  L: of({ m: 3 }),
  'dB(A)': ONE,
  instant: 'instant',
};

/** The dimension of a unit; a text or a verdict has none whatever its unit says. */
export const dimensionOfUnit = (unit: Unit): Dimension => UNITS[unit];

const isNumber = (dimension: Dimension): dimension is Exponents => typeof dimension === 'object';
const plainly = (dimension: Dimension): string =>
  isNumber(dimension)
    ? Object.entries(dimension)
        .filter(([, power]) => power !== 0)
        .sort()
        .map(([base, power]) => `${base}^${power}`)
        .join(' ') || '1'
    : dimension;

export const sameDimension = (a: Dimension, b: Dimension): boolean =>
  a === 'any' || b === 'any' || plainly(a) === plainly(b);

class DimensionError extends Error {}

function same(a: Dimension, b: Dimension, what: string): Dimension {
  if (!sameDimension(a, b)) throw new DimensionError(`${plainly(a)} ${what} ${plainly(b)}`);
  return a === 'any' ? b : a;
}

function times(a: Dimension, b: Dimension, sign: 1 | -1): Dimension {
  if (a === 'any' || b === 'any') return 'any';
  if (!isNumber(a) || !isNumber(b)) throw new DimensionError(`${plainly(a)} times ${plainly(b)}`);
  const product: Record<string, number> = { ...a };
  for (const [base, power] of Object.entries(b)) product[base] = (product[base] ?? 0) + sign * power;
  return product;
}

function plainNumber(dimension: Dimension, where: string): Dimension {
  return same(dimension, ONE, `in ${where}, which takes bare numbers, not`);
}

/** The dimension of a formula over its terms. Throws where it adds or compares what cannot be. */
export function dimensionOf(
  formula: string,
  terms: readonly Pick<Term, 'name' | 'unit' | 'value'>[],
): Dimension {
  const named = new Map<string, Dimension>();
  for (const { name, unit, value } of terms) {
    const own: Dimension =
      typeof value === 'boolean'
        ? 'verdict'
        : typeof value === 'string' && unit !== 'instant'
          ? 'text'
          : UNITS[unit];
    named.set(name, same(named.get(name) ?? 'any', own, `shares the name ${name} with`));
  }
  const walk = (tree: Tree): Dimension => {
    switch (tree.is) {
      case 'constant':
        return typeof tree.value === 'string' ? 'text' : ONE;
      case 'name':
        return named.get(tree.name) ?? 'any';
      case 'minus':
        return walk(tree.of);
      case 'not':
        return 'verdict';
      case 'choice':
        walk(tree.test);
        return same(walk(tree.yes), walk(tree.no), 'or');
      case 'call':
        return call(tree.function, tree.of.map(walk));
      case '+':
      case '-':
        return same(walk(tree.left), walk(tree.right), tree.is);
      case '*':
        return times(walk(tree.left), walk(tree.right), 1);
      case '/':
        return times(walk(tree.left), walk(tree.right), -1);
      case '^':
        return power(tree.left, tree.right);
      case 'and':
      case 'or':
        walk(tree.left);
        walk(tree.right);
        return 'verdict';
      default:
        same(walk(tree.left), walk(tree.right), tree.is);
        return 'verdict';
    }
  };
  const power = (left: Tree, right: Tree): Dimension => {
    const base = walk(left);
    plainNumber(walk(right), 'an exponent');
    if (right.is !== 'constant' || !isNumber(base)) return plainNumber(base, 'a power');
    return Object.fromEntries(
      Object.entries(base).map(([each, exponent]) => [each, exponent * Number(right.value)]),
    );
  };
  return walk(parseFormula(formula));
}

function call(name: string, of: readonly Dimension[]): Dimension {
  const [first = 'any', second = 'any'] = of;
  switch (name) {
    case 'count':
      return ONE;
    case 'later':
      same(first, 'instant', 'is no instant:');
      same(second, UNITS.min, 'is no time:');
      return 'instant';
    case 'minutes':
      same(first, 'instant', 'is no instant:');
      same(second, 'instant', 'is no instant:');
      return UNITS.min;
    case 'sqrt':
      return isNumber(first)
        ? Object.fromEntries(Object.entries(first).map(([base, each]) => [base, each / 2]))
        : first;
    case 'log2':
    case 'log10':
    case 'atan':
    case 'cos':
      return plainNumber(first, name);
    case 'sum':
      // Verdicts are counted.
      return of
        .map((each): Dimension => (each === 'verdict' ? ONE : each))
        .reduce((a, b) => same(a, b, 'beside'), 'any' as Dimension);
    default:
      return of.reduce((a, b) => same(a, b, 'beside'), 'any' as Dimension);
  }
}
