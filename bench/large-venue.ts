/** A venue of 2,000 things in a real browser: panned, zoomed, and one of them dragged. */
import { launch, pause, recorded, report } from './frames.js';
import { line, ms } from './measure.js';

const address = process.env.ADDRESS;
if (!address) throw new Error('ADDRESS is not set: run `npm run bench`');

type At = readonly [number, number];
const order = (i: number): string => `${(i + 1).toString(36).padStart(3, '0')}h`;
const id = (map: string, i: number): string => `${map}${i.toString(36).padStart(8, '0')}`.slice(0, 12);
const spread = (i: number, width: number, depth: number): At => [
  Math.round(((i * 0.618034) % 1) * width * 100) / 100,
  Math.round(((i * 0.754878) % 1) * depth * 100) / 100,
];
const records = (map: string, count: number, of: (i: number) => object): Record<string, object> =>
  Object.fromEntries(Array.from({ length: count }, (_, i) => [id(map, i), of(i)]));

/** Blocks of seats in rows, pillars, sockets and lamps: 2,000 in all. */
const venue = {
  version: 1,
  name: 'Large hall',
  volts: 230,
  hertz: 50,
  outline: [
    [0, 0],
    [98, 0],
    [98, 60],
    [0, 60],
  ],
  areas: records('area', 900, i => {
    const [x, y] = [1 + (i % 36) * 2.6, 1 + Math.floor(i / 36) * 2.2];
    const corners = [
      [x, y],
      [x + 2, y],
      [x + 2, y + 1.6],
      [x, y + 1.6],
    ];
    const outline = corners.map(corner => corner.map(value => Math.round(value * 100) / 100));
    return { label: `block ${i}`, kind: 'seating', rowSpacing: 0.9, outline };
  }),
  pillars: records('pill', 400, i => ({
    label: `P${i}`,
    size: 0.4,
    at: [Math.round((0.8 + (i % 40) * 2.4) * 100) / 100, 0.7 + Math.floor(i / 40) * 6],
  })),
  sockets: records('sock', 400, i => ({
    label: `S${i}`,
    order: order(i),
    outlets: 2,
    amps: 13,
    at: spread(i, 96, 58),
  })),
  lamps: records('lamp', 300, i => ({
    label: `L${i}`,
    order: order(i),
    kind: 'led',
    height: 5,
    at: spread(i + 7, 96, 58),
  })),
};

const answer = await fetch(`${address}/api/v1/venues`, {
  method: 'POST',
  headers: { 'content-type': 'application/json' },
  body: JSON.stringify(venue),
});
if (!answer.ok) throw new Error(`the venue was not kept: ${await answer.text()}`);
const made = (await answer.json()) as { id: string };

const browser = await launch();
const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
await page.goto(`${address}/venues/${made.id}`);
const plan = page.getByLabel('Plan of Large hall');
await plan.waitFor();
await pause(4000);
const box = await plan.boundingBox();
if (!box) throw new Error('the plan is not drawn');
const [x, y] = [box.x + box.width / 2, box.y + box.height * 0.96];

await page.mouse.move(x, y);
await page.mouse.down();
report(
  'pan of 2,000 things',
  await recorded(page, async () => {
    for (let step = 0; step < 200; step++) {
      await page.mouse.move(x + 120 * Math.sin(step / 24), y - 60 * Math.sin(step / 15));
    }
  }),
);
await page.mouse.up();
await pause(500);
report(
  'zoom of 2,000 things',
  await recorded(page, async () => {
    for (let step = 0; step < 100; step++) {
      await page.mouse.wheel(0, 20 * Math.sin(step / 10));
    }
  }),
);
await pause(500);

const part = page.locator('[data-part]').nth(500);
await page.getByRole('button', { name: 'Show the whole venue' }).click();
await part.click();
await pause(500);
const place = await part.boundingBox();
if (!place) throw new Error('it is not drawn');
const [px, py] = [place.x + place.width / 2, place.y + place.height / 2];
await page.mouse.move(px, py);
await page.mouse.down();
report(
  'drag among 2,000 things',
  await recorded(page, async () => {
    for (let step = 0; step < 200; step++) {
      await page.mouse.move(px + 40 * Math.sin(step / 24), py + 20 * Math.sin(step / 15));
    }
  }),
);
const release = await recorded(page, async () => {
  await page.mouse.up();
  await pause(1500);
});
line('release, longest task', ms(release.longest));
await browser.close();
