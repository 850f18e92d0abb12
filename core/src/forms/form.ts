/** Forms derived from document classes: what each field is called, how it is entered, and when it is asked for. */
import { LONGEST_MAIL, LONGEST_PHONE } from '../documents/contact-decorators.js';
import { fieldsOf, type DocumentClass, type Field } from '../documents/decorators.js';
import type { Unit } from '../foundations/index.js';

export type FieldInput =
  'text' | 'day' | 'time' | 'number' | 'whole' | 'flag' | 'one of' | 'some of' | 'ref' | 'group' | 'records';

export interface FormField {
  readonly name: string;
  readonly label: string;
  readonly unit: Unit;
  readonly help: string | undefined;
  readonly optional: boolean;
  readonly input: FieldInput;
  /** What can be chosen. */
  readonly choices: readonly string[];
  /** Of a number its bounds; of a text how long it may be. */
  readonly min: number;
  readonly max: number;
  /** Fields of the record within it, or of each record. */
  readonly of: readonly FormField[];
  /** Whether it is asked for in a record without being wished for. */
  readonly usual: (record: object) => boolean;
}

/** The fields of a document class that people enter, in the order in which they are declared. */
export const formOf = (type: DocumentClass): readonly FormField[] =>
  [...fieldsOf(type).values()].flatMap(field => formField(field) ?? []);

const ALWAYS = (): boolean => true;

function formField({ name, words, rule, nested, optional = false }: Field): FormField | undefined {
  if (!words) return undefined;
  const { label, unit, help, when = ALWAYS } = words;
  const plain = {
    ...{ name, label, unit, help, optional, usual: when },
    ...{ choices: [], min: 0, max: 0, of: [] },
  };
  if (nested)
    return { ...plain, input: nested.kind === 'one' ? 'group' : 'records', of: formOf(nested.of()) };
  const [first, second] = rule?.parameters ?? [];
  switch (rule?.name) {
    case 'text':
      return { ...plain, input: 'text', min: Number(second ?? 0), max: Number(first) };
    case 'phoneNumber':
    case 'mailAddress':
      return { ...plain, input: 'text', max: rule.name === 'phoneNumber' ? LONGEST_PHONE : LONGEST_MAIL };
    case 'clock':
      return { ...plain, input: 'time' };
    case 'num':
    case 'int':
      return {
        ...plain,
        input: rule.name === 'int' ? 'whole' : 'number',
        min: Number(first),
        max: Number(second),
      };
    case 'flag':
      return { ...plain, input: 'flag' };
    case 'oneOf':
    case 'words':
      return {
        ...plain,
        input: rule.name === 'words' ? 'some of' : 'one of',
        choices: (first as readonly unknown[]).map(String),
      };
    case 'ref':
      return { ...plain, input: 'ref' };
    case 'day':
      return { ...plain, input: 'day' };
    default:
      throw new RangeError(`no form has a field for “${name}”`);
  }
}
