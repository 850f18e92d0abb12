import { afterAll, afterEach, beforeAll, describe, expect, it } from 'vitest';
import { figure, FRIDAY, saved, setStage, undo, type Stage } from './helper.js';

let stage: Stage;
beforeAll(async () => (stage = await setStage()));
afterEach(() => stage.clear());
afterAll(() => stage.close());

describe('a newcomer', () => {
  it('sees the demo event and its open snags, opens it, makes a new event and a copy', async () => {
    const page = await stage.open('/');
    const event = page.getByRole('listitem').filter({ hasText: 'Friday 19:30 – opening concert' });
    await event.getByText(/\d+ stops?/).waitFor();
    await event.getByRole('button', { name: /^Copy/ }).click();
    await page.getByRole('navigation', { name: 'Stations' }).waitFor();
    expect(await page.getByLabel('Event', { exact: true }).inputValue()).toBe(
      'Copy of Friday 19:30 – opening concert',
    );
    const stations = await page
      .getByRole('navigation', { name: 'Stations' })
      .getByRole('link')
      .allInnerTexts();
    expect(stations.map(text => text.replace(/^\S\s*/, ''))).toEqual([
      'Brief',
      'Ground',
      'Shots',
      'Signal',
      'Stream',
      'Runs',
      'Power',
      'Racks',
      'Pack',
      'Hands',
      'Day',
    ]);
    await page.getByRole('link', { name: 'Events' }).click();
    await page.getByRole('button', { name: 'New event' }).click();
    const dialog = page.getByRole('dialog');
    await dialog.getByRole('button', { name: 'Make the event' }).click();
    await dialog.getByText('give it a name').waitFor();
    await dialog.getByLabel(/^Name/).fill('Trial evening');
    await dialog.getByLabel(/^Live at/).fill('2027-03-05T19:00');
    await dialog.getByLabel(/^Venue/).selectOption({ label: 'St Alder’s, Nether Quill' });
    await dialog.getByRole('button', { name: 'Make the event' }).click();
    await page.getByText('Nothing is to come out').waitFor();
    await page.getByRole('button', { name: 'Add a recording' }).click();
    await page.getByRole('row').filter({ hasText: 'cameras separately' }).waitFor();
    await page.getByText('Nothing feeds “Recording”').waitFor();
  });

  it('writes the brief: outputs, start, running order with phases', async () => {
    const page = await stage.open(`/events/${FRIDAY}/brief`);
    await page.getByRole('button', { name: 'Add an item' }).click();
    const item = page.getByRole('row').filter({ has: page.locator('input[value="New item"]') });
    await item.getByLabel('Minutes of New item').fill('12');
    await item.getByLabel('Minutes of New item').blur();
    await page.waitForFunction(() =>
      document.querySelector('[data-figure="brief.phases.live"]')?.textContent?.includes('107'),
    );
    await item.getByLabel('Phase of New item').selectOption('Rehearse');
    await page.waitForFunction(() =>
      document.querySelector('[data-figure="brief.before"]')?.textContent?.includes('182'),
    );
    await page.getByRole('button', { name: 'Add a screen' }).click();
    await page.waitForFunction(() =>
      document.querySelector('[data-figure="brief.outputsWanted"]')?.textContent?.includes('4'),
    );
    await saved(page);
    for (let i = 0; i < 4; i++) await undo(page);
    await page.waitForFunction(() =>
      document.querySelector('[data-figure="brief.before"]')?.textContent?.includes('170'),
    );
  });

  it('changes the nave length and sees everything follow, in this event only', async () => {
    const page = await stage.open(`/events/${FRIDAY}/ground`);
    const nave = page.getByLabel('Nave length');
    await nave.fill('about 22');
    await nave.press('Enter');
    await page
      .getByRole('alert')
      .getByText(/a length such as/)
      .waitFor();
    await nave.fill('22 m');
    await nave.press('Enter');
    await page.getByRole('button', { name: /^Keep all \d+ in the survey/ }).waitFor();
    expect(await figure(page, 'ground.length').innerText()).toContain('28.00');
    await page.getByLabel('Plan', { exact: true }).getByText('22.00 m').waitFor();
    await page.getByRole('link', { name: /Shots$/ }).click();
    await figure(page, 'shots.shots.shottables.distance').waitFor();
    expect(await figure(page, 'shots.shots.shottables.distance').innerText()).toContain('16.79');
    await page.getByRole('link', { name: /Ground$/ }).click();
    await page.getByRole('button', { name: 'Drop all', exact: true }).click();
    await page.getByText('Nothing: the venue is as it was surveyed.').waitFor();
    await saved(page);
    for (let i = 0; i < 2; i++) await undo(page);
    await page.getByText('Nothing: the venue is as it was surveyed.').waitFor();
    await page.waitForFunction(() =>
      document.querySelector('[data-figure="ground.length"]')?.textContent?.includes('26.00'),
    );
  });
});

describe('every station', () => {
  it.each([
    ['signal', 'signal.sources.camwide01.input', 'HDMI in 1'],
    ['stream', 'stream.streams.outstream1.rung', '720p30'],
    ['runs', 'runs.totalOnFloor', 'm'],
    ['power', 'power.batteries.battnorth.margin', '−25'],
    ['racks', 'racks.racks.deskrack1.heat', '85'],
    ['pack', 'pack.pieces', 'pieces'],
    ['hands', 'hands.call', 'Fri 16:40'],
    ['day', 'day.all', 'pieces'],
  ])('%s shows its figures', async (station, path, text) => {
    const page = await stage.open(`/events/${FRIDAY}/${station}`);
    await figure(page, path).waitFor();
    expect(await figure(page, path).innerText()).toContain(text);
  });

  it('leads back kindly when the event does not exist', async () => {
    const page = await stage.open('/events/nosuchevent/shots');
    await page.getByRole('heading', { name: 'There is no such event' }).waitFor();
    expect(await page.title()).toContain('There is no such event');
    await page.getByRole('link', { name: 'Back to the events' }).click();
    await page.getByRole('heading', { name: 'Events' }).waitFor();
  });
});

describe('the doors', () => {
  it('list and rename what the demo holds', async () => {
    const page = await stage.open('/shelf');
    await page.getByLabel('Find on the shelf').fill('Battery');
    await page.getByRole('row', { name: /BAT 01/ }).click();
    const tape = page.getByLabel('Tape code');
    await tape.fill('BAT 02');
    await page.getByRole('button', { name: 'Keep' }).click();
    await page.getByText(/on another item already/).waitFor();
    await tape.fill('BAT 77');
    await page.getByRole('button', { name: 'Keep' }).click();
    await page.getByRole('row', { name: /BAT 77/ }).waitFor();
    await page.getByRole('link', { name: 'People' }).click();
    await page.locator('input[value="Odile Marsh"]').waitFor();
    await page.getByRole('link', { name: 'Venues' }).click();
    await page.locator('input[value="St Alder’s, Nether Quill"]').waitFor();
  });

  it('of another organisation show feet and inches', async () => {
    const page = await stage.open('/events');
    await page.getByLabel('Organisation').selectOption({ label: 'Cedar Hollow Community Chapel' });
    await page.getByRole('link', { name: 'Sunday 11:00 – morning service' }).click();
    await page.getByRole('link', { name: /Ground$/ }).click();
    expect(await page.getByLabel('Length', { exact: true }).inputValue()).toBe('48′ 0″');
    await page.getByLabel('Length', { exact: true }).fill(`50' 6"`);
    await page.getByLabel('Length', { exact: true }).press('Enter');
    await page.waitForFunction(() =>
      document.querySelector('[data-figure="ground.length"]')?.textContent?.includes('50′ 6″'),
    );
  });
});
