// The JavaScript a browser loads to open an event for the first time, gzipped, against its budget.
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { Halt, main, root } from './lib.mjs';

const BUDGET_KB = 250;
const dist = join(root, 'web/dist');
const manifest = JSON.parse(readFileSync(join(dist, '.vite/manifest.json'), 'utf8'));

/** A chunk and everything it imports outright. */
function chunksOf(key, found = new Set()) {
  if (found.has(key)) return found;
  found.add(key);
  for (const next of manifest[key].imports ?? []) chunksOf(next, found);
  return found;
}

main(async () => {
  const wanted = ['index.html', 'src/app/EventPage.tsx', 'src/stations/shots/ShotsLedger.tsx'];
  const keys = new Set(wanted.flatMap(key => [...chunksOf(key)]));
  const files = new Set([...keys].map(key => manifest[key].file).filter(file => file.endsWith('.js')));
  let total = 0;
  for (const file of files) total += gzipSync(readFileSync(join(dist, file)), { level: 9 }).length;
  const kilobytes = total / 1000;
  process.stdout.write(
    `first load of an event: ${kilobytes.toFixed(1)} kB of gzipped JavaScript in ${files.size} files, budget ${BUDGET_KB} kB\n`,
  );
  if (kilobytes > BUDGET_KB) throw new Halt('the first load is over its budget');
});
