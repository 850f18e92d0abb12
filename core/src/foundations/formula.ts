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
type Compiled = (scope: Scope) => Value | readonly Value[];

export class FormulaError extends Error {
  override name = 'FormulaError';
}

const RADIANS = Math.PI / 180;
const MINUTE = 60_000;

const numeric =
  (fn: (...args: number[]) => number) =>
  (args: Value[]): Value =>
    fn(...args.map(asNumber));

/** Functions of the grammar; angles are in degrees, instants are ISO 8601 texts in UTC. */
const FUNCTIONS: Record<string, (args: Value[]) => Value> = {
  sqrt: numeric(Math.sqrt),
  abs: numeric(Math.abs),
  ceil: numeric(Math.ceil),
  floor: numeric(Math.floor),
  round: numeric(Math.round),
  log2: numeric(Math.log2),
  log10: numeric(Math.log10),
  atan: numeric(x => Math.atan(x) / RADIANS),
  cos: numeric(x => Math.cos(x * RADIANS)),
  min: numeric((...xs) => Math.min(...xs)),
  max: numeric((...xs) => Math.max(...xs)),
  sum: numeric((...xs) => xs.reduce((a, b) => a + b, 0)),
  count: args => args.length,
  /** later(instant, minutes) */
  later: ([at, minutes]) => new Date(Date.parse(String(at)) + asNumber(minutes) * MINUTE).toISOString(),
  /** minutes(from, to) between two instants */
  minutes: ([from, to]) => (Date.parse(String(to)) - Date.parse(String(from))) / MINUTE,
};
const LIST_FUNCTIONS = new Set(['sum', 'max', 'min', 'count']);

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
    return scope => (test(scope) ? yes(scope) : no(scope));
  }
  private or(): Compiled {
    let left = this.and();
    while (this.take('or')) {
      const [a, b] = [left, this.and()];
      left = scope => Boolean(a(scope)) || Boolean(b(scope));
    }
    return left;
  }
  private and(): Compiled {
    let left = this.not();
    while (this.take('and')) {
      const [a, b] = [left, this.not()];
      left = scope => Boolean(a(scope)) && Boolean(b(scope));
    }
    return left;
  }
  private not(): Compiled {
    if (!this.take('not')) return this.compare();
    const inner = this.not();
    return scope => !inner(scope);
  }
  private compare(): Compiled {
    const a = this.sum();
    const sign = this.take('<', '<=', '>', '>=', '=', '!=');
    if (!sign) return a;
    const b = this.sum();
    if (sign === '=') return scope => a(scope) === b(scope);
    if (sign === '!=') return scope => a(scope) !== b(scope);
    if (sign === '<') return scope => asNumber(a(scope)) < asNumber(b(scope));
    if (sign === '<=') return scope => asNumber(a(scope)) <= asNumber(b(scope));
    if (sign === '>') return scope => asNumber(a(scope)) > asNumber(b(scope));
    return scope => asNumber(a(scope)) >= asNumber(b(scope));
  }
  private sum(): Compiled {
    let left = this.product();
    for (let sign = this.take('+', '-'); sign; sign = this.take('+', '-')) {
      const [a, b, k] = [left, this.product(), sign === '+' ? 1 : -1];
      left = scope => asNumber(a(scope)) + k * asNumber(b(scope));
    }
    return left;
  }
  private product(): Compiled {
    let left = this.power();
    for (let sign = this.take('*', '/'); sign; sign = this.take('*', '/')) {
      const [a, b] = [left, this.power()];
      left =
        sign === '*'
          ? scope => asNumber(a(scope)) * asNumber(b(scope))
          : scope => asNumber(a(scope)) / asNumber(b(scope));
    }
    return left;
  }
  private power(): Compiled {
    if (this.take('-')) {
      const inner = this.power();
      return scope => -asNumber(inner(scope));
    }
    const base = this.atom();
    if (!this.take('^')) return base;
    const exponent = this.power();
    return scope => asNumber(base(scope)) ** asNumber(exponent(scope));
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
    return this.take('(') ? this.call(token) : name(token);
  }
  private call(token: string): Compiled {
    const fn = FUNCTIONS[token];
    if (!fn) throw new FormulaError(`no function “${token}” in “${this.formula}”`);
    const args: Compiled[] = [];
    do args.push(this.choice());
    while (this.take(','));
    this.need(')');
    if (LIST_FUNCTIONS.has(token)) return scope => fn(args.flatMap(arg => arg(scope) ?? []));
    return scope => fn(args.map(arg => arg(scope) as Value));
  }
}

const constant =
  (value: Value): Compiled =>
  () =>
    value;
const name =
  (token: string): Compiled =>
  scope =>
    scope.get(token) ?? [];

const compiledFormulas = new Map<string, Compiled>();

/**
 * Evaluates a formula over named values. Throws `FormulaError` for a formula that cannot be read, a name
 * without a value outside a list function, or a text where a number is needed.
 */
export function evaluate(formula: string, scope: Scope): Value {
  let compiled = compiledFormulas.get(formula);
  if (!compiled) {
    compiled = new Parser(formula).parse();
    compiledFormulas.set(formula, compiled);
  }
  const value = compiled(scope);
  if (Array.isArray(value)) throw new FormulaError(`“${formula}” gives a list, or a name has no value`);
  return value as Value;
}
