/** A thing of the shelf as a form edits it: blanks where nothing is entered; and the change that comes of it. */
import type { ClearableField, ItemFields } from '../api/shelf.js';
import { Item } from '../documents/index.js';
import { faultsOf } from '../documents/validate.js';
import { changesOf } from '../forms/changes.js';
import { entered } from '../forms/entered.js';
import { formOf, type FormField } from '../forms/form.js';

export type { FieldInput, FormField } from '../forms/form.js';

/** The fields of a thing that people enter; photos, faults and what was measured are noted apart. */
export const ITEM_FORM = formOf(Item);

/** What may be entered so far. */
export type ItemDraft = { readonly [Field in keyof Item]?: unknown };

const FIELDS = ITEM_FORM.map(({ name }) => name as keyof Item);

/** The item that a draft says, beside what of it no form edits. */
export function itemFrom(draft: ItemDraft, before: Partial<Item> = {}): Item {
  const kept = Object.entries(before).filter(([field]) => !FIELDS.includes(field as keyof Item));
  return { ...Object.fromEntries(kept), ...entered(ITEM_FORM, draft) } as object as Item;
}

/** What is wrong with a draft, by the field of the form: `owner.who`. */
export function faultsOfItem(
  draft: ItemDraft,
  only: readonly string[] = FIELDS,
): Readonly<Record<string, string>> {
  const faults: Record<string, string> = {};
  for (const { path, reason } of faultsOf(Item, itemFrom(draft))) {
    const field = path.slice(1).replaceAll('/', '.');
    if (only.includes(field.split('.')[0] ?? ''))
      faults[field] ??= reason === 'is missing' ? 'say it' : reason;
  }
  return faults;
}

/** What a draft changes of an item, of some of its fields; fields that are blank now are cleared. */
export function changeOf(before: Item, draft: ItemDraft, only: readonly (keyof Item)[] = FIELDS): ItemFields {
  return changesOf(before, itemFrom(draft, before), only) as ItemFields;
}

/** One field said alike of many things: what is blank is cleared of all of them. */
export function saidOfMany(field: keyof Item, draft: ItemDraft): ItemFields {
  const value = itemFrom(draft)[field];
  return value === undefined ? { cleared: [field as ClearableField] } : { [field]: value };
}

/** What a change does to a thing, in words. */
export function changeWords(
  before: Item,
  { cleared = [], base: _, forgotten: __, ...fields }: ItemFields,
): readonly string[] {
  const touched = [...new Set([...Object.keys(fields), ...cleared])] as (keyof Item)[];
  const was = Object.fromEntries(
    touched.flatMap(name => (before[name] === undefined ? [] : [[name, before[name]]])),
  );
  return changedWords(was, fields);
}

/** What a change did to the fields of a thing, each in words: `State ready → in repair`. */
export function changedWords(before: Partial<Item>, after: Partial<Item>): readonly string[] {
  const fields = [...new Set([...Object.keys(before), ...Object.keys(after)])] as (keyof Item)[];
  return fields.map(name => {
    const field = ITEM_FORM.find(each => each.name === name);
    if (!field) return APART[name] ?? name;
    const said = (item: Partial<Item>): string =>
      item[name] === undefined ? 'nothing' : valueWords(field, item[name]);
    return `${field.label}: ${said(before)} → ${said(after)}`;
  });
}

/** What is noted apart from the form. */
const APART: Readonly<Partial<Record<keyof Item, string>>> = {
  faults: 'Faults',
  meter: 'What a meter showed',
  runs: 'How its battery ran',
  proof: 'What it was seen to carry',
  photo: 'Photo',
};

/** What is entered in a field, without its label. */
function valueWords({ input, of }: FormField, value: unknown): string {
  if (input === 'group') {
    const record = value as Readonly<Record<string, unknown>>;
    return of
      .flatMap(each => (record[each.name] === undefined ? [] : [valueWords(each, record[each.name])]))
      .join(', ');
  }
  return value === true ? 'yes' : String(value);
}
