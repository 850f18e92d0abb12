/** The evaluator of workings: a formula as a function of its terms. The grammar stands in `formula-tree.ts`. */
import { FormulaError, parseFormula, type Operator, type Tree } from './formula-tree.js';

export { FormulaError };
export type Value = number | string | boolean | null;
export type Scope = ReadonlyMap<string, Value | readonly Value[]>;
/** Values of the names in a formula, by their slot. */
type Slots = readonly (Value | readonly Value[])[];
type Compiled = (slots: Slots) => Value | readonly Value[];

const RADIANS = Math.PI / 180;
const MINUTE = 60_000;

/** Functions of one number; angles are in degrees. */
const OF_ONE: Readonly<Record<string, (x: number) => number>> = {
  sqrt: Math.sqrt,
  abs: Math.abs,
  ceil: Math.ceil,
  floor: Math.floor,
  round: Math.round,
  log2: Math.log2,
  log10: Math.log10,
  atan: x => Math.atan(x) / RADIANS,
  cos: x => Math.cos(x * RADIANS),
};

/** Functions of all the numbers in their arguments and lists. */
const OF_MANY: Readonly<
  Record<string, { readonly start: number; readonly add: (a: number, b: number) => number }>
> = {
  min: { start: Infinity, add: Math.min },
  max: { start: -Infinity, add: Math.max },
  sum: { start: 0, add: (a, b) => a + b },
  count: { start: 0, add: a => a + 1 },
};

/** Functions of instants, which are ISO 8601 texts in UTC, and minutes. */
const OF_TWO: Readonly<Record<string, (a: Value, b: Value) => Value>> = {
  later: (at, minutes) => new Date(Date.parse(String(at)) + asNumber(minutes) * MINUTE).toISOString(),
  minutes: (from, to) => (Date.parse(String(to)) - Date.parse(String(from))) / MINUTE,
};

function asNumber(value: Value | readonly Value[] | undefined): number {
  if (typeof value === 'number') return value;
  if (typeof value === 'boolean') return value ? 1 : 0;
  throw new FormulaError(`expected a number, got ${JSON.stringify(value)}`);
}

/** Turns the tree of a formula into a function of its names, whose places are their slots. */
class Compiler {
  /** Names met so far; their place is their slot. */
  readonly names: string[] = [];
  constructor(private readonly formula: string) {}

  readonly compile = (tree: Tree): Compiled => {
    switch (tree.is) {
      case 'constant':
        return constant(tree.value);
      case 'name':
        return this.name(tree.name);
      case 'minus': {
        const inner = this.compile(tree.of);
        return slots => -asNumber(inner(slots));
      }
      case 'not': {
        const inner = this.compile(tree.of);
        return slots => !inner(slots);
      }
      case 'choice': {
        const [test, yes, no] = [this.compile(tree.test), this.compile(tree.yes), this.compile(tree.no)];
        return slots => (test(slots) ? yes(slots) : no(slots));
      }
      case 'call':
        return this.call(tree.function, tree.of.map(this.compile));
      default:
        return OPERATORS[tree.is](this.compile(tree.left), this.compile(tree.right));
    }
  };

  private name(name: string): Compiled {
    const known = this.names.indexOf(name);
    const slot = known >= 0 ? known : this.names.push(name) - 1;
    return slots => slots[slot] ?? [];
  }

  private call(name: string, args: readonly Compiled[]): Compiled {
    const [one, many, two] = [OF_ONE[name], OF_MANY[name], OF_TWO[name]];
    const [a, b] = args;
    if (one && a && args.length === 1) return slots => one(asNumber(a(slots)));
    if (two && a && b && args.length === 2) return slots => two(a(slots) as Value, b(slots) as Value);
    if (many) return slots => gathered(args, slots, name === 'count', many);
    throw new FormulaError(`no function “${name}” of ${args.length} in “${this.formula}”`);
  }
}

const OPERATORS: Readonly<Record<Operator, (a: Compiled, b: Compiled) => Compiled>> = {
  '+': (a, b) => slots => asNumber(a(slots)) + asNumber(b(slots)),
  '-': (a, b) => slots => asNumber(a(slots)) - asNumber(b(slots)),
  '*': (a, b) => slots => asNumber(a(slots)) * asNumber(b(slots)),
  '/': (a, b) => slots => asNumber(a(slots)) / asNumber(b(slots)),
  '^': (a, b) => slots => asNumber(a(slots)) ** asNumber(b(slots)),
  '=': (a, b) => slots => a(slots) === b(slots),
  '!=': (a, b) => slots => a(slots) !== b(slots),
  '<': (a, b) => slots => asNumber(a(slots)) < asNumber(b(slots)),
  '<=': (a, b) => slots => asNumber(a(slots)) <= asNumber(b(slots)),
  '>': (a, b) => slots => asNumber(a(slots)) > asNumber(b(slots)),
  '>=': (a, b) => slots => asNumber(a(slots)) >= asNumber(b(slots)),
  and: (a, b) => slots => Boolean(a(slots)) && Boolean(b(slots)),
  or: (a, b) => slots => Boolean(a(slots)) || Boolean(b(slots)),
};

/** Folds the numbers in some arguments and in the lists among them; what is only counted may be of any sort. */
function gathered(
  args: readonly Compiled[],
  slots: Slots,
  counted: boolean,
  { start, add }: { readonly start: number; readonly add: (a: number, b: number) => number },
): number {
  let result = start;
  for (const arg of args) {
    const value = arg(slots);
    if (isList(value)) for (const each of value) result = add(result, counted ? 0 : asNumber(each));
    else if (value !== null || !counted) result = add(result, counted ? 0 : asNumber(value));
  }
  return result;
}

const isList = (value: Value | readonly Value[]): value is readonly Value[] => Array.isArray(value);

const constant =
  (value: Value): Compiled =>
  () =>
    value;
interface CompiledFormula {
  readonly names: readonly string[];
  readonly run: Compiled;
}

const compiledFormulas = new Map<string, CompiledFormula>();

function compiledOf(formula: string): CompiledFormula {
  let compiled = compiledFormulas.get(formula);
  if (!compiled) {
    const compiler = new Compiler(formula);
    compiled = { run: compiler.compile(parseFormula(formula)), names: compiler.names };
    compiledFormulas.set(formula, compiled);
  }
  return compiled;
}

/**
 * Evaluates a formula over named values. Throws `FormulaError` for a formula that cannot be read, a name
 * without a value outside a list function, or a text where a number is needed.
 */
export function evaluate(formula: string, scope: Scope): Value {
  const { names, run } = compiledOf(formula);
  const value = run(names.map(name => scope.get(name) ?? []));
  if (Array.isArray(value)) throw new FormulaError(`“${formula}” gives a list, or a name has no value`);
  return value as Value;
}

/** A function of one number for each name. */
export type Reckoner<Names extends readonly string[]> = (...values: { [I in keyof Names]: number }) => number;

/**
 * A formula as a function of its names in that order, for what reckons it a million times over: the search reads the
 * same formula as the figure does. Numbers in, a number out; a verdict of true or false comes as 1 or 0.
 */
export function reckoner<const Names extends readonly string[]>(
  formula: string,
  ...names: Names
): Reckoner<Names> {
  const slots: number[] = names.map(() => 0);
  let compiled: { readonly run: Compiled; readonly slotOf: readonly number[] } | undefined;
  return (...values) => {
    compiled ??= compiledFor(formula, names);
    const { run, slotOf } = compiled;
    for (let i = 0; i < slotOf.length; i++) slots[slotOf[i] as number] = values[i] as number;
    return asNumber(run(slots));
  };
}

function compiledFor(formula: string, names: readonly string[]): { run: Compiled; slotOf: number[] } {
  const compiled = compiledOf(formula);
  const slotOf = names.map(name => compiled.names.indexOf(name));
  if (slotOf.includes(-1) || compiled.names.length !== names.length) {
    throw new FormulaError(`“${formula}” asks for ${compiled.names.join(', ')}, not ${names.join(', ')}`);
  }
  return { run: compiled.run, slotOf };
}
