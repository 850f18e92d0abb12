import { AxeBuilder } from '@axe-core/playwright';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { FRIDAY, setStage, type Page, type Stage } from './helper.js';

let stage: Stage;
/** One page for all places, so that the interface is fetched and compiled once. */
let shared: Page | undefined;
beforeAll(async () => (stage = await setStage()));
afterAll(() => stage.close());

const STATIONS = [
  'brief',
  'ground',
  'shots',
  'signal',
  'stream',
  'runs',
  'power',
  'racks',
  'pack',
  'hands',
  'day',
];
const PLACES = [
  '/events',
  '/venues',
  '/venues/new',
  '/venues/venuegrange1',
  '/venues/venuegrange1/walk',
  '/shelf',
  '/shelf/itemfld01',
  '/shelf/bookings',
  '/shelf/stock-take',
  '/shelf/kinds',
  '/people',
  '/people/zitamorrow',
  '/people/roster',
  '/people/asking',
  '/duties',
  '/people/access',
  '/account',
  '/invitation#none',
  '/guest#none',
  '/events/eventsatur1/signal',
  ...STATIONS.map(name => `/events/${FRIDAY}/${name}`),
];

/** Serious and critical faults; in Blackout only colours differ, so only contrast is looked at again. */
async function seriousFaults(page: Page, rules?: string[]): Promise<string[]> {
  // No frames are drawn, so one run in the page itself does; the other way opens a second page each time.
  const axe = new AxeBuilder({ page }).setLegacyMode().options({ resultTypes: ['violations'] });
  const { violations } = await (rules ? axe.withRules(rules) : axe).analyze();
  return violations
    .filter(({ impact }) => impact === 'serious' || impact === 'critical')
    .map(
      ({ id, nodes }) =>
        `${id}: ${nodes
          .slice(0, 2)
          .map(node => node.html.slice(0, 160))
          .join(' | ')}`,
    );
}

/** Share of a picture's pixels that are bright (luma over 60 %), counted in the page. */
async function brightShare(page: Page): Promise<number> {
  const picture = (await page.screenshot()).toString('base64');
  return page.evaluate(async data => {
    const image = new Image();
    image.src = `data:image/png;base64,${data}`;
    await image.decode();
    const canvas = new OffscreenCanvas(image.width, image.height);
    const pen = canvas.getContext('2d');
    if (!pen) throw new Error('no canvas');
    pen.drawImage(image, 0, 0);
    const { data: pixels } = pen.getImageData(0, 0, image.width, image.height);
    let bright = 0;
    for (let i = 0; i < pixels.length; i += 4) {
      const luma = 0.2126 * (pixels[i] ?? 0) + 0.7152 * (pixels[i + 1] ?? 0) + 0.0722 * (pixels[i + 2] ?? 0);
      if (luma > 153) bright++;
    }
    return bright / (pixels.length / 4);
  }, picture);
}

describe.each(PLACES)('%s', path => {
  it('has nothing serious for axe, in the light and in Blackout, and Blackout has no bright surface', async () => {
    shared ??= await stage.open('/events');
    const page = shared;
    await page.goto(new URL(path, page.url()).href);
    await page.getByRole('main').or(page.getByRole('heading')).first().waitFor();
    await page.waitForLoadState('load');
    expect(await seriousFaults(page)).toEqual([]);
    await page.getByRole('button', { name: 'Blackout' }).click();
    expect(await seriousFaults(page, ['color-contrast'])).toEqual([]);
    expect(await brightShare(page)).toBeLessThan(0.12);
    await page.getByRole('button', { name: 'Lights up' }).click();
  });
});

describe('dialogs of a venue and of the shelf', () => {
  it.each([
    ['/venues/venuegrange1', 'Bring in a drawing'],
    ['/venues/venuegrange1', 'Trace'],
    [`/events/${FRIDAY}/ground`, 'Move to another venue …'],
    ['/shelf', 'Paste a list'],
    ['/shelf', 'Lists and labels'],
  ])('%s, %s: nothing serious for axe, in the light and in Blackout', async (path, button) => {
    shared ??= await stage.open('/events');
    const page = shared;
    await page.goto(new URL(path, page.url()).href);
    await page.getByRole('button', { name: button, exact: true }).click();
    await page.getByRole('dialog').getByRole('heading').first().waitFor();
    expect(await seriousFaults(page)).toEqual([]);
    await page.evaluate(() => document.documentElement.classList.add('blackout'));
    expect(await seriousFaults(page, ['color-contrast'])).toEqual([]);
    expect(await brightShare(page)).toBeLessThan(0.12);
    await page.evaluate(() => document.documentElement.classList.remove('blackout'));
  });
});

describe('the money of an event', () => {
  it('has nothing serious for axe, in the light and in Blackout', async () => {
    shared ??= await stage.open('/events');
    const page = shared;
    await page.goto(new URL(`/events/${FRIDAY}/pack`, page.url()).href);
    await page.getByRole('button', { name: 'Money', exact: true }).click();
    await page.getByRole('region', { name: 'Quote for a client' }).waitFor();
    expect(await seriousFaults(page)).toEqual([]);
    await page.getByRole('button', { name: 'Blackout' }).click();
    expect(await seriousFaults(page, ['color-contrast'])).toEqual([]);
    expect(await brightShare(page)).toBeLessThan(0.12);
    await page.getByRole('button', { name: 'Lights up' }).click();
  });
});

describe('the search for positions', () => {
  it('has nothing serious for axe once it has found some, in the light and in Blackout', async () => {
    shared ??= await stage.open('/events');
    const page = shared;
    await page.goto(new URL(`/events/${FRIDAY}/shots`, page.url()).href);
    await page.getByRole('button', { name: 'Find positions' }).click();
    await page.getByRole('button', { name: 'Search', exact: true }).click();
    await page.getByRole('button', { name: 'Use way A' }).waitFor();
    await page.getByRole('button', { name: 'Compare places' }).click();
    await page.getByRole('rowheader', { name: 'where it is' }).waitFor();
    expect(await seriousFaults(page)).toEqual([]);
    await page.evaluate(() => document.documentElement.classList.add('blackout'));
    expect(await seriousFaults(page, ['color-contrast'])).toEqual([]);
    expect(await brightShare(page)).toBeLessThan(0.12);
    await page.evaluate(() => document.documentElement.classList.remove('blackout'));
  });
});

describe('a lamp, a camera that moves, and what fixes bring', () => {
  it('have nothing serious for axe, in the light and in Blackout', async () => {
    shared ??= await stage.open('/events');
    const page = shared;
    await page.goto(new URL(`/events/${FRIDAY}/shots`, page.url()).href);
    const plan = page.getByLabel('Plan', { exact: true });
    await plan
      .getByRole('button', { name: /^C3 SIDE, / })
      .locator('.halo')
      .click();
    await page.getByLabel('Worked').selectOption('carried about');
    await page.getByText('Goes so far from its place').waitFor();
    await plan
      .getByRole('button', { name: /^LAMP 1, / })
      .locator('.halo')
      .click();
    await page.getByRole('region', { name: 'Light on Soloist' }).waitFor();
    await page.getByRole('button', { name: 'Add lamp' }).focus();
    await page.keyboard.press('s');
    const snags = page.getByRole('region', { name: 'Snags' });
    await snags.getByRole('button', { name: /^C2 NORTH cannot frame Lectern/ }).click();
    await snags.getByText('costs nothing elsewhere').first().waitFor();
    await plan.getByRole('button', { name: /^LAMP 1, / }).focus();
    await page.getByRole('region', { name: 'Light on Soloist' }).waitFor();
    expect(await seriousFaults(page)).toEqual([]);
    await page.evaluate(() => document.documentElement.classList.add('blackout'));
    expect(await seriousFaults(page, ['color-contrast'])).toEqual([]);
    expect(await brightShare(page)).toBeLessThan(0.12);
    await page.evaluate(() => document.documentElement.classList.remove('blackout'));
  });
});

describe('the keyboard alone', () => {
  it('goes from the list to a fix: open, walk the strap, select, nudge, read, find', async () => {
    const page = await stage.open('/events');
    const link = page.getByRole('link', { name: /opening concert/ });
    await link.waitFor();
    for (let i = 0; i < 30 && !(await link.evaluate(node => node === document.activeElement)); i++) {
      await page.keyboard.press('Tab');
    }
    await page.keyboard.press('Enter');
    await page.getByRole('navigation', { name: 'Stations' }).waitFor();
    for (const [key, name] of [
      ['2', 'ground'],
      ['6', 'runs'],
      ['0', 'hands'],
      ['-', 'day'],
      ['3', 'shots'],
    ] as const) {
      await page.keyboard.press(key);
      await page.waitForURL(`**/${name}`);
    }
    const camera = page.getByRole('button', { name: /^C1 WIDE, 2\.2/ });
    await camera.waitFor();
    for (let i = 0; i < 60 && !(await camera.evaluate(node => node === document.activeElement)); i++) {
      await page.keyboard.press('Tab');
    }
    await page.keyboard.press('ArrowDown');
    await page.getByRole('button', { name: /^C1 WIDE, 2\.20 m east, 7\.80 m south/ }).waitFor();
    await page.keyboard.press('r');
    await page.getByRole('button', { name: 'Point at its first shot' }).waitFor();
    await page.keyboard.press('n');
    await page.keyboard.press('?');
    await page.getByRole('heading', { name: 'Keys' }).waitFor();
    await page.keyboard.press('Escape');
    await page.keyboard.press('/');
    await page.getByRole('dialog', { name: 'Find' }).getByRole('textbox').fill('REC 01');
    await page.keyboard.press('Enter');
    await page.waitForURL('**/pack');
  });

  it('never fires letters in fields, and letters can be turned off', async () => {
    const page = await stage.open(`/events/${FRIDAY}/brief`);
    await page.getByLabel('Event', { exact: true }).fill('busy 3');
    expect(page.url()).toContain('/brief');
    await page.keyboard.press('Escape');
    await page.getByRole('heading', { name: 'Running order' }).click();
    await page.keyboard.press('?');
    await page.getByLabel('Single letters are shortcuts on this device').uncheck();
    await page.keyboard.press('Escape');
    await page.keyboard.press('b');
    expect(await page.locator('html.blackout').count()).toBe(0);
  });
});

describe('a phone held in one hand', () => {
  it('shows the checks of the day at 390 px without sideways scrolling', async () => {
    const page = await stage.open(`/events/${FRIDAY}/day`);
    await page.setViewportSize({ width: 390, height: 844 });
    await page.getByText('Camera, 1-inch').first().waitFor();
    const overflow = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
    expect(overflow).toBeLessThanOrEqual(0);
  });
});
