/**
 * The small grammar in which workings are written, and its parser.
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

export type Operator = '+' | '-' | '*' | '/' | '^' | '<' | '<=' | '>' | '>=' | '=' | '!=' | 'and' | 'or';

export type Tree =
  | { readonly is: 'constant'; readonly value: number | string }
  | { readonly is: 'name'; readonly name: string }
  | { readonly is: 'not' | 'minus'; readonly of: Tree }
  | { readonly is: Operator; readonly left: Tree; readonly right: Tree }
  | { readonly is: 'choice'; readonly test: Tree; readonly yes: Tree; readonly no: Tree }
  | { readonly is: 'call'; readonly function: string; readonly of: readonly Tree[] };

export class FormulaError extends Error {
  override name = 'FormulaError';
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

  parse(): Tree {
    const tree = this.choice();
    if (this.at < this.tokens.length) throw this.unexpected();
    return tree;
  }

  private unexpected(): FormulaError {
    return new FormulaError(`unexpected “${this.tokens[this.at] ?? 'end'}” in “${this.formula}”`);
  }
  private take<Token extends string>(...wanted: Token[]): Token | undefined {
    const token = wanted.find(each => each === this.tokens[this.at]);
    if (token !== undefined) this.at++;
    return token;
  }
  private need(token: string): void {
    if (!this.take(token)) throw this.unexpected();
  }

  private choice(): Tree {
    const test = this.or();
    if (!this.take('?')) return test;
    const yes = this.choice();
    this.need(':');
    return { is: 'choice', test, yes, no: this.choice() };
  }
  /** Operators of one rank, from left to right. */
  private chain(next: () => Tree, ...operators: Operator[]): Tree {
    let left = next();
    for (let is = this.take(...operators); is; is = this.take(...operators))
      left = { is, left, right: next() };
    return left;
  }
  private or(): Tree {
    return this.chain(() => this.and(), 'or');
  }
  private and(): Tree {
    return this.chain(() => this.not(), 'and');
  }
  private not(): Tree {
    return this.take('not') ? { is: 'not', of: this.not() } : this.compare();
  }
  private compare(): Tree {
    const left = this.sum();
    const is = this.take('<', '<=', '>', '>=', '=', '!=');
    return is ? { is, left, right: this.sum() } : left;
  }
  private sum(): Tree {
    return this.chain(() => this.product(), '+', '-');
  }
  private product(): Tree {
    return this.chain(() => this.power(), '*', '/');
  }
  private power(): Tree {
    if (this.take('-')) return { is: 'minus', of: this.power() };
    const left = this.atom();
    return this.take('^') ? { is: '^', left, right: this.power() } : left;
  }
  private atom(): Tree {
    if (this.take('(')) {
      const inner = this.choice();
      this.need(')');
      return inner;
    }
    const token = this.tokens[this.at];
    if (token === undefined || !/^[\d'A-Za-z_]/.test(token)) throw this.unexpected();
    this.at++;
    if (/^\d/.test(token)) return { is: 'constant', value: Number(token) };
    if (token.startsWith("'")) return { is: 'constant', value: token.slice(1, -1) };
    return this.take('(') ? this.call(token) : { is: 'name', name: token };
  }
  private call(name: string): Tree {
    const of: Tree[] = [];
    do of.push(this.choice());
    while (this.take(','));
    this.need(')');
    return { is: 'call', function: name, of };
  }
}

/** Reads a formula. Throws `FormulaError` for one that cannot be read. */
export const parseFormula = (formula: string): Tree => new Parser(formula).parse();
