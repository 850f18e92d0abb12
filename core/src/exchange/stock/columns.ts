/** What people call the columns of a stock list. */

/** What a column says of a thing. */
export type StockField =
  | 'tape'
  | 'kind'
  | 'pieces'
  | 'state'
  | 'condition'
  | 'note'
  | 'serial'
  | 'home'
  | 'whereNow'
  | 'kit'
  | 'cycles'
  | 'owner'
  | 'goesBack'
  | 'boughtOn'
  | 'price'
  | 'currency'
  | 'boughtFrom'
  | 'insured'
  | 'testedOn'
  | 'testResult'
  | 'testNext';

const CALLED: Readonly<Record<StockField, readonly string[]>> = {
  tape: ['tape', 'tape code', 'code', 'label', 'tag', 'number', 'asset', 'asset tag'],
  kind: ['kind', 'what', 'item', 'type', 'description', 'thing'],
  pieces: ['pieces', 'count', 'quantity', 'qty', 'how many'],
  state: ['state', 'status'],
  condition: ['condition'],
  note: ['note', 'notes', 'remark', 'remarks', 'comment'],
  serial: ['serial', 'serial number', 'serial no', 's/n'],
  home: ['home', 'home place', 'place', 'location', 'shelf'],
  whereNow: ['where it is', 'where it is now', 'where now', 'where'],
  kit: ['kit', 'set', 'part of the kit'],
  cycles: ['cycles', 'charge cycles'],
  owner: ['whose', 'owner', 'belongs to'],
  goesBack: ['goes back', 'goes back on', 'return by'],
  boughtOn: ['bought on', 'bought', 'purchased', 'purchase date'],
  price: ['price', 'cost', 'paid', 'purchase price'],
  currency: ['currency'],
  boughtFrom: ['bought from', 'supplier', 'seller'],
  insured: ['insured', 'insured for', 'insured value', 'value', 'worth'],
  testedOn: ['tested on', 'tested', 'last test', 'test date'],
  testResult: ['result', 'test result'],
  testNext: ['to be tested by', 'next test', 'test due', 'to be tested again by'],
};
const BY_NAME = new Map(
  Object.entries(CALLED).flatMap(([field, names]) => names.map(name => [name, field as StockField] as const)),
);

/** `Price (GBP)` says its currency beside its name. */
const WITH_UNIT = /^(.*?)\s*[([,]\s*([a-z€£$]+)\s*[)\]]?$/i;

export interface StockColumn {
  readonly field: StockField;
  readonly at: number;
  /** What its heading says of the currency, where it does. */
  readonly unit?: string;
}

/** The columns that a heading names, each field once; what it means by others is not known. */
export function columnsOf(heading: readonly string[]): ReadonlyMap<StockField, StockColumn> {
  const columns = new Map<StockField, StockColumn>();
  heading.forEach((written, at) => {
    const name = written.trim().toLowerCase();
    const [, plain, unit] = BY_NAME.has(name) ? [] : (WITH_UNIT.exec(name) ?? []);
    const field = BY_NAME.get(plain ?? name);
    if (field && !columns.has(field)) columns.set(field, { field, at, ...(unit && { unit }) });
  });
  return columns;
}

/** The field that a heading names; undefined where nobody knows. */
export const fieldCalled = (heading: string): StockField | undefined =>
  columnsOf([heading]).keys().next().value;
