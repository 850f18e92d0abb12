/** Programmes: variables in whole or other numbers, named rules that they must keep, and a sum to be made least. */

/** A variable of one programme. */
export interface Variable {
  readonly index: number;
  readonly least: number;
  readonly most: number;
  readonly whole: boolean;
}

export type Sum = readonly (readonly [factor: number, variable: Variable])[];

/** Something that must hold, as people would say it: what is asked when nothing fits. */
export interface Rule {
  readonly words: string;
  readonly unit: string;
  /** What giving way by one of its unit costs, beside other rules. */
  readonly price: number;
}

/** A sum within limits. Without a rule it says what the variables mean, and is never given up. */
export interface Row {
  readonly rule: Rule | undefined;
  /** Each variable once. */
  readonly sum: Sum;
  readonly least: number;
  readonly most: number;
}

/** What a solver is handed. */
export interface Model {
  readonly variables: readonly Variable[];
  readonly rows: readonly Row[];
  readonly objective: Sum;
}

export class Programme implements Model {
  readonly variables: Variable[] = [];
  readonly rows: Row[] = [];
  objective: Sum = [];

  yesNo(): Variable {
    return this.whole(0, 1);
  }

  whole(least: number, most: number): Variable {
    return this.variable(least, most, true);
  }

  number(least: number, most: number): Variable {
    return this.variable(least, most, false);
  }

  atMost(sum: Sum, most: number, rule?: Rule): void {
    this.within(sum, -Infinity, most, rule);
  }

  atLeast(sum: Sum, least: number, rule?: Rule): void {
    this.within(sum, least, Infinity, rule);
  }

  exactly(sum: Sum, value: number, rule?: Rule): void {
    this.within(sum, value, value, rule);
  }

  within(sum: Sum, least: number, most: number, rule?: Rule): void {
    this.rows.push({ rule, sum: onceEach(sum), least, most });
  }

  private variable(least: number, most: number, whole: boolean): Variable {
    const variable = { index: this.variables.length, least, most, whole };
    this.variables.push(variable);
    return variable;
  }
}

export const rule = (words: string, unit = '', price = 1): Rule => ({ words, unit, price });

/** The same sum with each variable once. */
export function onceEach(sum: Sum): Sum {
  const factors = new Map<Variable, number>();
  for (const [factor, variable] of sum) factors.set(variable, (factors.get(variable) ?? 0) + factor);
  return [...factors].filter(([, factor]) => factor !== 0).map(([variable, factor]) => [factor, variable]);
}

/** The rules of a model, each once, in the order in which they were made. */
export const rulesOf = ({ rows }: Model): Rule[] => [...new Set(rows.flatMap(row => row.rule ?? []))];

/** The value of each variable, by its index. */
export type Values = Float64Array;

export const valueOf = (values: Values, sum: Sum): number =>
  sum.reduce((total, [factor, { index }]) => total + factor * (values[index] ?? 0), 0);

/** Values within this of a limit keep it. */
const TOLERANCE = 1e-6;

/** Whether values tell all variables, and are an answer. */
export function keeps({ variables, rows }: Model, values: Values): boolean {
  const isWithin = (value: number, least: number, most: number): boolean =>
    value >= least - TOLERANCE && value <= most + TOLERANCE;
  return (
    variables.every(({ index, least, most, whole }) => {
      const value = values[index] ?? NaN;
      return isWithin(value, least, most) && (!whole || Number.isInteger(value));
    }) && rows.every(({ sum, least, most }) => isWithin(valueOf(values, sum), least, most))
  );
}
