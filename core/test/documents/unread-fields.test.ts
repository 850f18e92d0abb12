/** What people can enter and no rule, search or sheet reads yet: each field by the work that it waits for. */
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { BundleFile, schemaOf } from '../../src/documents/index.js';

const WAITING: Readonly<Record<string, string>> = {
  speed: 'stream: how fast a socket of the venue is',
  fader: 'sound: the card at the desk',
  setBy: 'sound: the card at the desk',
  hinge: 'ground: how far an open door reaches',
  opens: 'ground: how far an open door reaches',
  turnaround: 'nothing here: bookings, which the server makes',
  remembers: 'nothing here: the roster of several events, which the server asks for',
  replyDays: 'nothing here: asking people, which the server does',
  occasion: 'nothing here: claims and bookings, which the server makes',
  serial: 'lists: the customs list',
  whereNow: 'lists: pack out and back',
  insured: 'lists: the insurance list',
};
/** Shown where they were entered, or what a document is called by; nothing follows from them. */
const WORDS_ONLY = [
  'archived',
  'tracing',
  'ink',
  'photo',
  'scale',
  'mail',
  'guardian',
  'languages',
  'training',
];

interface Schema {
  readonly properties?: Readonly<Record<string, Schema>>;
  readonly [key: string]: unknown;
}

/** Names of all fields below a schema; makes of cable are keys of a table, and no names of fields. */
function namesIn(schema: unknown, names: Set<string>): Set<string> {
  if (typeof schema !== 'object' || schema === null) return names;
  const { properties = {} } = schema as Schema;
  for (const name of Object.keys(properties)) if (/^\w+$/.test(name)) names.add(name);
  for (const each of Object.values(schema)) namesIn(each, names);
  return names;
}

const source = new URL('../../src/', import.meta.url).pathname;
const codeOf = (folder: string): string =>
  readdirSync(join(source, folder), { recursive: true, encoding: 'utf8' })
    .filter(file => file.endsWith('.ts'))
    .map(file => readFileSync(join(source, folder, file), 'utf8'))
    .join('\n')
    // Comments and words speak of fields without reading them.
    .replace(/\/\*[\s\S]*?\*\/|\/\/.*$/gm, '')
    .replace(/'[^'\n]*'/g, "''");

describe('a field of a document', () => {
  it('is read by a rule, a search or a sheet, or waits for work that is named', () => {
    const names = namesIn(schemaOf(BundleFile), new Set());
    expect(names.size).toBeGreaterThan(250);
    const code = [
      'stations',
      'searches',
      'survey',
      'sheets',
      'schematic',
      'charge-list',
      'packing',
      'pack-list',
      'quote',
      'after-use',
      'work-log',
    ]
      .map(codeOf)
      .join('\n');
    const read = new Set(code.match(/[A-Za-z_]\w*/g));
    const unread = [...names].filter(name => !read.has(name)).sort();
    expect(unread).toEqual([...Object.keys(WAITING), ...WORDS_ONLY].sort());
  });
});
