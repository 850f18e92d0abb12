// What travels before a station of an event is first drawn – page, JavaScript and style, as they are compressed –
// against its budget. Fonts follow the first picture and are kept; documents of the event are not counted.
import { readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { ON_PLAN } from '@idle-satchel/core';
import { Halt, main, root } from './lib.mjs';

/** Kilobytes: of the stations that are opened first on the day, of the others, and of all with the rules behind them. */
const BUDGETS = { first: 200, other: 230, all: 450 };
const STATIONS = {
  first: ['brief/BriefStation', 'ground/GroundLedger', 'shots/ShotsLedger', 'day/DayStation'],
  other: [
    ...['signal/SignalStation', 'stream/StreamStation', 'runs/RunsLedger', 'power/PowerLedger'],
    ...['racks/RacksStation', 'pack/PackStation', 'hands/HandsStation'],
  ],
};
const dist = join(root, 'web/dist');
const manifest = JSON.parse(readFileSync(join(dist, '.vite/manifest.json'), 'utf8'));

/** Chunks that are fetched behind the first picture: the rules, and the stations that no picture of the plan needs. */
const chunk = name => Object.keys(manifest).filter(key => key.startsWith(`_${name}-`));
const [RULES, LATE, HANDS, POWER, RACKS] = [
  ...['rules', 'late', 'hands-stations', 'power-stations', 'rack-stations'],
].map(chunk);
/** What pages that show one of those stations wait for. */
const SHOWN = {
  ...Object.fromEntries(['stream', 'pack', 'day'].map(name => [name, LATE])),
  hands: [...LATE, ...HANDS],
  power: POWER,
  racks: [...POWER, ...RACKS],
};
/** The plan picture. */
const PLAN = 'src/bench/PlanPicture.tsx';

/** A chunk and everything it imports outright. */
function chunksOf(key, found = new Set()) {
  if (found.has(key)) return found;
  found.add(key);
  for (const next of manifest[key].imports ?? []) chunksOf(next, found);
  return found;
}

/** Bytes of a file as the server sends it: files too small to gain are not compressed. */
function onTheWire(file) {
  const compressed = statSync(join(dist, `${file}.br`), { throwIfNoEntry: false });
  return (compressed ?? statSync(join(dist, file))).size;
}

function kilobytesOf(stations, further = []) {
  const entries = [
    'index.html',
    'src/app/EventPage.tsx',
    ...stations.map(each => `src/stations/${each}.tsx`),
    ...further,
  ];
  const keys = new Set(entries.flatMap(key => [...chunksOf(key)]));
  const files = new Set([
    'index.html',
    ...[...keys].flatMap(key => [manifest[key].file, ...(manifest[key].css ?? [])]),
  ]);
  return [...files].reduce((sum, file) => sum + onTheWire(file), 0) / 1000;
}

main(async () => {
  let over = false;
  for (const [group, stations] of Object.entries(STATIONS)) {
    const sizes = stations.map(station => {
      const name = station.split('/')[0];
      const further = [...(SHOWN[name] ?? []), ...(ON_PLAN.has(name) ? [PLAN] : [])];
      return [name, kilobytesOf([station], further)];
    });
    over ||= sizes.some(([, size]) => size > BUDGETS[group]);
    const words = sizes.map(([name, size]) => `${name} ${size.toFixed(1)}`).join(', ');
    process.stdout.write(`first picture, kB on the wire, at most ${BUDGETS[group]}: ${words}\n`);
  }
  if (RULES.length !== 1) throw new Halt('the rules are not in a chunk of their own');
  for (const later of [LATE, HANDS, POWER, RACKS])
    if (later.length !== 1) throw new Halt('the later stations are not in chunks of their own');
  const all = kilobytesOf(Object.values(STATIONS).flat(), [
    ...RULES,
    ...LATE,
    ...HANDS,
    ...POWER,
    ...RACKS,
    PLAN,
  ]);
  over ||= all > BUDGETS.all;
  process.stdout.write(`all stations and rules, at most ${BUDGETS.all}: ${all.toFixed(1)}\n`);
  if (over) throw new Halt('the first picture of a station is over its budget');
});
