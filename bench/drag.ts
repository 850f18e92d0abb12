/** Dragging a camera, a lead in the supply tree and a thing in a rack, in a real browser: main-thread work per frame, beside an idle page. */
import { launch, pause, recorded, report, reportIntervals } from './frames.js';
import { line } from './measure.js';

const address = process.env.ADDRESS;
if (!address) throw new Error('ADDRESS is not set: run `npm run bench`');

const browser = await launch();
const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
await page.goto(`${address}/events/eventfriday1/shots`);
const camera = page.getByRole('button', { name: /^C2 NORTH, / }).locator('.halo');
await camera.waitFor();
await pause(1500);

const idle = await recorded(page, async () => {
  await pause(2000);
});
const box = await camera.boundingBox();
if (!box) throw new Error('the camera is not drawn');
const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
await page.mouse.move(x, y);
await page.mouse.down();
const drag = await recorded(page, async () => {
  // The next move is sent as soon as the page has taken the last: one for every frame.
  for (let step = 0; step < 300; step++) {
    await page.mouse.move(x + 60 + 50 * Math.sin(step / 24), y + 10 * Math.sin(step / 10));
  }
});
await page.mouse.up();

await page.goto(`${address}/events/eventfriday1/power`);
await page.getByRole('button', { name: 'Supply tree' }).click();
const plug = page.getByRole('treeitem', { name: /LAMP 1/ });
const from = await plug.boundingBox();
const tree = await page.getByRole('tree', { name: 'What feeds what' }).boundingBox();
if (!from || !tree) throw new Error('the supply tree is not drawn');
await pause(1500);
await page.mouse.move(from.x + 60, from.y + from.height / 2);
await page.mouse.down();
const replug = await recorded(page, async () => {
  for (let step = 0; step < 300; step++)
    await page.mouse.move(from.x + 60, tree.y + tree.height * (0.5 + 0.45 * Math.sin(step / 24)));
});
await page.mouse.up();

await page.goto(`${address}/events/eventfriday1/racks`);
const router = page.getByRole('button', { name: /^ROUTER/ }).first();
await router.waitFor();
await pause(1500);
const unit = await router.boundingBox();
if (!unit) throw new Error('the router is not drawn');
await page.mouse.move(unit.x + 40, unit.y + unit.height / 2);
await page.mouse.down();
const mounted = await recorded(page, async () => {
  for (let step = 0; step < 300; step++)
    await page.mouse.move(unit.x + 40, unit.y - 2 * unit.height * Math.sin(step / 24));
});
await page.mouse.up();
await browser.close();

line('frames with a pointer move', String(drag.work.length));
report('drag', drag);
line('frames with a lead dragged over the supply tree', String(replug.work.length));
report('drag in the supply tree', replug);
line('frames with a thing dragged in a rack', String(mounted.work.length));
report('drag in a rack', mounted);
reportIntervals('frame intervals of the idle page', idle.intervals);
