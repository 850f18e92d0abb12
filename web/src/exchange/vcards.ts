/** vCards (RFC 6350, and older ones) as rows of a list of people. */
import ICAL from 'ical.js';
import { Refusal } from './refusal.js';

type Card = readonly [name: string, properties: readonly Property[]];
type Property = readonly [name: string, parameters: object, type: string, ...values: unknown[]];

/** A head and a row for each card: name, phone and mail, the first of each. Throws `Refusal` for what is no card. */
export function vcardRows(text: string): string[][] {
  let cards: readonly Card[];
  try {
    const parsed = ICAL.parse(text) as unknown as Card | readonly Card[];
    // One card is not in a list of its own.
    cards = isOne(parsed) ? [parsed] : parsed;
  } catch {
    throw new Refusal('This file holds no contacts that can be read (.vcf).');
  }
  const rows = cards
    .filter(([name]) => name === 'vcard')
    .map(([, properties]) => {
      const first = (wanted: string): unknown => properties.find(([name]) => name === wanted)?.[3];
      return [nameOf(first('fn'), first('n')), textOf(first('tel')), textOf(first('email'))];
    });
  if (rows.length === 0) throw new Refusal('This file holds no contacts (.vcf).');
  return [['Name', 'Phone', 'Mail'], ...rows];
}

const isOne = (parsed: Card | readonly Card[]): parsed is Card => typeof parsed[0] === 'string';

const textOf = (value: unknown): string =>
  typeof value === 'string' ? value.replace(/^(tel|mailto):/i, '') : '';

/** As it is written, else of its parts: family name, given name. */
function nameOf(written: unknown, parts: unknown): string {
  if (typeof written === 'string' && written.trim() !== '') return written;
  const [family = '', given = ''] = Array.isArray(parts) ? parts.map(textOf) : [textOf(parts)];
  return `${given} ${family}`.trim();
}
