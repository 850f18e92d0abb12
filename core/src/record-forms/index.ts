/** Records of plans, kinds and house rules as forms edit them: what a draft says, and what is wrong with it. */
import {
  EventCost,
  ExchangeRate,
  ExtraLine,
  KindPrice,
  MoneyRules,
  Need,
  Quote,
  QuotePackage,
} from '../documents/index.js';
import type { DocumentClass } from '../documents/decorators.js';
import { faultsOf } from '../documents/validate.js';
import { entered } from '../forms/entered.js';
import { formOf, type FormField } from '../forms/form.js';

export type { FormField } from '../forms/form.js';

/** A form with the class that its records are checked against, and the fields that it does not edit. */
export interface RecordForm {
  readonly fields: readonly FormField[];
  readonly of: DocumentClass;
}

/** The form of a class of records. */
export const recordForm = (of: DocumentClass): RecordForm => ({ fields: formOf(of), of });

export const RECORD_FORMS = {
  need: recordForm(Need),
  cost: recordForm(EventCost),
  price: recordForm(KindPrice),
  rate: recordForm(ExchangeRate),
  house: recordForm(MoneyRules),
  extra: recordForm(ExtraLine),
  quote: recordForm(Quote),
  package: recordForm(QuotePackage),
} as const;

/** The record that a draft says, beside what of it no form edits. */
export function recordFrom({ fields }: RecordForm, draft: object, before: object = {}): object {
  const names = new Set(fields.map(({ name }) => name));
  const kept = Object.entries(before).filter(([name]) => !names.has(name));
  return { ...Object.fromEntries(kept), ...entered(fields, draft) };
}

/** What is wrong with a record, by the field of its form: `each.amount`. */
export function faultsOfRecord({ of }: RecordForm, record: object): Readonly<Record<string, string>> {
  const faults: Record<string, string> = {};
  for (const { path, reason } of faultsOf(of, record))
    faults[path.slice(1).replaceAll('/', '.')] ??= reason === 'is missing' ? 'say it' : reason;
  return faults;
}
