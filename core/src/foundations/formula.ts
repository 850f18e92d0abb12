/**
 * The small grammar in which workings are written, and its evaluator.
 *
 *   choice  := or ( '?' choice ':' choice )?
 *   or      := and ( 'or' and )*          and := not ( 'and' not )*      not := 'not' not | compare
 *   compare := sum ( ('<' | '<=' | '>' | '>=' | '=' | '!=') sum )?
 *   sum     := product ( ('+' | '-') product )*
 *   product := power ( ('*' | '/') power )*
 *   power   := '-' power | atom ( '^' power )?
 *   atom    := number | 'text' | name | function '(' choice, … ')' | '(' choice ')'
 *
 * A name that several terms share is a list; only `sum`, `max`, `min` and `count` take lists.
 */

export type Value = number | string | boolean | null;
export type Scope = ReadonlyMap<string, Value | readonly Value[]>;
/** Values of the names in a formula, by their slot. */
type Slots = readonly (Value | readonly Value[])[];
type Compiled = (slots: Slots) => Value | readonly Value[];

export class FormulaError extends Error {
  override name = 'FormulaError';
}

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

const TOKEN = /\s*(\d+(?:\.\d+)?(?:e[+-]?\d+)?|'[^']*'|[A-Za-z_][A-Za-z0-9_]*|<=|>=|!=|[-+*/^()<>=?:,])/y;

function tokenize(formula: string): string[] {
  const tokens: string[] = [];
  TOKEN.lastIndex = 0;
  while (TOKEN.lastIndex < formula.length) {
    const at = TOKEN.lastIndex;
    const match = TOKEN.exec(formula);
    if (!match?.[1]) throw new FormulaError(`cannot read “${formula.slice(at)}” in “${formula}”`);
    tokens.push(match[1]);
  }
  return tokens;
}

class Parser {
  private at = 0;
  /** Names met so far; their place is their slot. */
  readonly names: string[] = [];
  private readonly tokens: string[];
  constructor(private readonly formula: string) {
    this.tokens = tokenize(formula);
  }

  parse(): Compiled {
    const compiled = this.choice();
    if (this.at < this.tokens.length) throw this.unexpected();
    return compiled;
  }

  private unexpected(): FormulaError {
    return new FormulaError(`unexpected “${this.tokens[this.at] ?? 'end'}” in “${this.formula}”`);
  }
  private take(...wanted: string[]): string | undefined {
    const token = this.tokens[this.at];
    if (token === undefined || !wanted.includes(token)) return undefined;
    this.at++;
    return token;
  }
  private need(token: string): void {
    if (!this.take(token)) throw this.unexpected();
  }

  private choice(): Compiled {
    const test = this.or();
    if (!this.take('?')) return test;
    const yes = this.choice();
    this.need(':');
    const no = this.choice();
    return slots => (test(slots) ? yes(slots) : no(slots));
  }
  private or(): Compiled {
    let left = this.and();
    while (this.take('or')) {
      const [a, b] = [left, this.and()];
      left = slots => Boolean(a(slots)) || Boolean(b(slots));
    }
    return left;
  }
  private and(): Compiled {
    let left = this.not();
    while (this.take('and')) {
      const [a, b] = [left, this.not()];
      left = slots => Boolean(a(slots)) && Boolean(b(slots));
    }
    return left;
  }
  private not(): Compiled {
    if (!this.take('not')) return this.compare();
    const inner = this.not();
    return slots => !inner(slots);
  }
  private compare(): Compiled {
    const a = this.sum();
    const sign = this.take('<', '<=', '>', '>=', '=', '!=');
    if (!sign) return a;
    const b = this.sum();
    if (sign === '=') return slots => a(slots) === b(slots);
    if (sign === '!=') return slots => a(slots) !== b(slots);
    if (sign === '<') return slots => asNumber(a(slots)) < asNumber(b(slots));
    if (sign === '<=') return slots => asNumber(a(slots)) <= asNumber(b(slots));
    if (sign === '>') return slots => asNumber(a(slots)) > asNumber(b(slots));
    return slots => asNumber(a(slots)) >= asNumber(b(slots));
  }
  private sum(): Compiled {
    let left = this.product();
    for (let sign = this.take('+', '-'); sign; sign = this.take('+', '-')) {
      const [a, b, k] = [left, this.product(), sign === '+' ? 1 : -1];
      left = slots => asNumber(a(slots)) + k * asNumber(b(slots));
    }
    return left;
  }
  private product(): Compiled {
    let left = this.power();
    for (let sign = this.take('*', '/'); sign; sign = this.take('*', '/')) {
      const [a, b] = [left, this.power()];
      left =
        sign === '*'
          ? slots => asNumber(a(slots)) * asNumber(b(slots))
          : slots => asNumber(a(slots)) / asNumber(b(slots));
    }
    return left;
  }
  private power(): Compiled {
    if (this.take('-')) {
      const inner = this.power();
      return slots => -asNumber(inner(slots));
    }
    const base = this.atom();
    if (!this.take('^')) return base;
    const exponent = this.power();
    return slots => asNumber(base(slots)) ** asNumber(exponent(slots));
  }
  private atom(): Compiled {
    if (this.take('(')) {
      const inner = this.choice();
      this.need(')');
      return inner;
    }
    const token = this.tokens[this.at];
    if (token === undefined) throw this.unexpected();
    this.at++;
    if (/^\d/.test(token)) return constant(Number(token));
    if (token.startsWith("'")) return constant(token.slice(1, -1));
    if (!/^[A-Za-z_]/.test(token)) {
      this.at--;
      throw this.unexpected();
    }
    return this.take('(') ? this.call(token) : this.name(token);
  }
  private name(token: string): Compiled {
    const known = this.names.indexOf(token);
    const slot = known >= 0 ? known : this.names.push(token) - 1;
    return slots => slots[slot] ?? [];
  }
  private call(token: string): Compiled {
    const args: Compiled[] = [];
    do args.push(this.choice());
    while (this.take(','));
    this.need(')');
    const [one, many, two] = [OF_ONE[token], OF_MANY[token], OF_TWO[token]];
    const [a, b] = args;
    if (one && a && args.length === 1) return slots => one(asNumber(a(slots)));
    if (two && a && b && args.length === 2) return slots => two(a(slots) as Value, b(slots) as Value);
    if (many) return slots => gathered(args, slots, token === 'count', many);
    throw new FormulaError(`no function “${token}” of ${args.length} in “${this.formula}”`);
  }
}

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
    const parser = new Parser(formula);
    compiled = { run: parser.parse(), names: parser.names };
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

/**
 * A formula as a function of its names in that order, for what reckons it a million times over: the search reads the
 * same formula as the figure does. Numbers in, a number out; a verdict of true or false comes as 1 or 0.
 */
export function reckoner<const Names extends readonly string[]>(
  formula: string,
  ...names: Names
): (...values: { [I in keyof Names]: number }) => number {
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
