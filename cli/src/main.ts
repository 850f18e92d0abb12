/** The `satchel` command: files in, files out, no server. */
import { readFileSync } from 'node:fs';
import { allFigures, assess, reportOf } from '@idle-satchel/core';
import { readBundleFile, type Bundle } from '@idle-satchel/core/documents';

const USAGE = `usage: satchel validate FILE
       satchel assess FILE [--figures | --snags]

  validate   prints every fault of a .satchel.json file with its JSON path
  assess     prints the assessment as JSON
  --figures  one line each: path, value, unit, separated by tabs, sorted
  --snags    one line each: severity, station, title, worst first
`;

class Refusal extends Error {}

function readBundle(path: string): Bundle {
  let text: string;
  try {
    text = readFileSync(path, 'utf8');
  } catch (error) {
    throw new Refusal(`${path}: cannot be read (${(error as NodeJS.ErrnoException).code ?? 'error'})`);
  }
  const read = readBundleFile(text);
  if ('bundle' in read) return read.bundle;
  throw new Refusal(read.faults.map(({ path: at, reason }) => `${at || '/'}: ${reason}`).join('\n'));
}

function run([command, path, option, ...rest]: string[]): string {
  if (path === undefined || rest.length > 0) throw new Refusal(USAGE);
  if (command === 'validate' && option === undefined) {
    readBundle(path);
    return `${path}: no faults\n`;
  }
  if (command !== 'assess') throw new Refusal(USAGE);
  const assessment = assess(readBundle(path));
  switch (option) {
    case undefined:
      return `${JSON.stringify(reportOf(assessment), null, 2)}\n`;
    case '--figures':
      return allFigures(assessment)
        .map(
          ([at, figure]) =>
            `${at}\t${figure.value === null ? `– (${figure.why ?? ''})` : figure.value}\t${figure.unit}\n`,
        )
        .join('');
    case '--snags':
      return assessment.snags.map(snag => `${snag.severity}\t${snag.station}\t${snag.title}\n`).join('');
    default:
      throw new Refusal(USAGE);
  }
}

try {
  process.stdout.write(run(process.argv.slice(2)));
} catch (error) {
  if (!(error instanceof Refusal)) throw error;
  process.stderr.write(`${error.message.trimEnd()}\n`);
  process.exitCode = 1;
}
