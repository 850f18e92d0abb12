/** The `satchel` command: files in, files out, no server. */
import { parseArgs } from 'node:util';
import { allFigures, assess, reportOf } from '@idle-satchel/core';
import { SEARCHES } from '@idle-satchel/core/search-commands';
import { readBundle } from './files.js';
import { Refusal } from './refusal.js';
import { search } from './search.js';

const NAMES = Object.entries(SEARCHES).map(([name, { about }]) => `    ${name.padEnd(10)}${about}\n`);
const USAGE = `usage: satchel validate FILE
       satchel assess FILE [--figures | --snags]
       satchel search NAME FILE [--options JSON] [--with FILE …] [--apply OUT]

  validate   prints every fault of a .satchel.json file with its JSON path
  assess     prints the assessment as JSON
  --figures  one line each: path, value, unit, separated by tabs, sorted
  --snags    one line each: severity, station, title, worst first
  search     prints what a search found, how sure that is, and what it offers, as JSON
${NAMES.join('')}  --options  what is asked of it, such as '{"link":"camera1out"}'
  --with     another event that a roster is made for, once for each
  --apply    writes the event with the best offer taken to another file
`;

const OPTIONS = {
  figures: { type: 'boolean' },
  snags: { type: 'boolean' },
  options: { type: 'string' },
  with: { type: 'string', multiple: true },
  apply: { type: 'string' },
} as const;

/** Which options each command takes. */
const TAKES: Readonly<Record<string, readonly string[]>> = {
  validate: [],
  assess: ['figures', 'snags'],
  search: ['options', 'with', 'apply'],
};

async function run(args: string[]): Promise<string> {
  const { values, positionals } = read(args);
  const [command = '', ...rest] = positionals;
  const takes = Object.hasOwn(TAKES, command) ? TAKES[command] : undefined;
  if (!takes || Object.keys(values).some(option => !takes.includes(option))) throw new Refusal(USAGE);
  const [first, second, ...more] = rest;
  if (first === undefined || more.length > 0 || (second === undefined) === (command === 'search')) {
    throw new Refusal(USAGE);
  }
  if (command === 'search') return search(first, second ?? '', values);
  const bundle = readBundle(first);
  if (command === 'validate') return `${first}: no faults\n`;
  if (values.figures && values.snags) throw new Refusal(USAGE);
  const assessment = assess(bundle);
  if (values.figures) {
    return allFigures(assessment)
      .map(
        ([at, figure]) =>
          `${at}\t${figure.value === null ? `– (${figure.why ?? ''})` : figure.value}\t${figure.unit}\n`,
      )
      .join('');
  }
  if (values.snags) {
    return assessment.snags.map(snag => `${snag.severity}\t${snag.station}\t${snag.title}\n`).join('');
  }
  return `${JSON.stringify(reportOf(assessment), null, 2)}\n`;
}

function read(args: string[]) {
  try {
    return parseArgs({ args, options: OPTIONS, allowPositionals: true });
  } catch {
    throw new Refusal(USAGE);
  }
}

try {
  process.stdout.write(await run(process.argv.slice(2)));
} catch (error) {
  if (!(error instanceof Refusal)) throw error;
  process.stderr.write(`${error.message.trimEnd()}\n`);
  process.exitCode = 1;
}
