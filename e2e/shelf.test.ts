/** The shelf through the real interface: found, changed one by one and together, lent, booked, brought in and taken out. */
import writeXlsxFile from 'write-excel-file/node';
import { afterAll, afterEach, beforeAll, describe, expect, it } from 'vitest';
import { FRIDAY, saved, setStage, type Page, type Stage } from './helper.js';

let stage: Stage;
beforeAll(async () => (stage = await setStage()));
afterEach(() => stage.clear());
afterAll(() => stage.close());

const row = (page: Page, name: string) => page.getByRole('row', { name: new RegExp(name) });
const find = (page: Page, words: string): Promise<void> => page.getByLabel('Find on the shelf').fill(words);
const thing = (page: Page) => page.getByRole('complementary', { name: 'The thing' });

describe('the shelf', () => {
  it('is found through, grouped and changed together with keys alone, and the change is taken back', async () => {
    const page = await stage.open('/shelf');
    await find(page, 'network cable 30');
    await row(page, 'N30 04').waitFor();
    expect(await row(page, 'N30').count()).toBe(4);
    // From the head of the columns down the lines: two are chosen on the way.
    await row(page, 'N30 01').focus();
    await page.keyboard.press('Shift+ArrowDown');
    await page.getByText('2 things chosen').waitFor();
    await page.getByLabel('Change', { exact: false }).and(page.locator('select')).selectOption('home');
    await page.getByRole('textbox', { name: 'Home place' }).fill('Van, left side');
    await page.keyboard.press('Enter');
    await page.getByText('Home place of 2 things.').waitFor();
    await page.getByLabel('Group by').selectOption('home');
    await row(page, 'Van, left side · 2$').waitFor();
    await page.getByRole('button', { name: 'Take it back' }).click();
    await page.getByText(/^Taken back/).waitFor();
    await expect.poll(() => row(page, 'Van, left side').count()).toBe(0);
  });

  it('lends a thing out and takes it back, and says so in its history', async () => {
    const page = await stage.open('/shelf');
    await find(page, 'CAP 01');
    await row(page, 'CAP 01').focus();
    await page.keyboard.press('Enter');
    await thing(page).getByRole('button', { name: 'Lend it out' }).click();
    await thing(page).getByRole('button', { name: 'Keep' }).click();
    await thing(page).getByText('say it').first().waitFor();
    await thing(page).getByLabel('Lent to').fill('Cedar Players');
    await thing(page).getByRole('button', { name: 'Keep' }).click();
    await thing(page).getByText('It is with Cedar Players.').waitFor();
    await row(page, 'lent out').waitFor();
    const receipt = page.waitForEvent('download');
    await thing(page).getByRole('link', { name: 'Receipt, PDF' }).click();
    expect((await receipt).suggestedFilename()).toBe('receipt.pdf');
    await thing(page).getByRole('button', { name: 'It came back' }).click();
    await thing(page)
      .getByText(/Lent out: Cedar Players, .* → nothing/)
      .waitFor();
  });

  it('keeps a fault until it is mended, which the event that takes the thing is told', async () => {
    const page = await stage.open('/shelf/itemlap01');
    await page.getByLabel('What is wrong with it').fill('fan rattles');
    await page.getByRole('button', { name: 'Note it' }).click();
    await thing(page).getByText('LAP 01 is faulty: fan rattles.').waitFor();
    const event = await stage.open(`/events/${FRIDAY}/pack`);
    await event.keyboard.press('s');
    await event
      .getByText(/LAP 01 was found faulty and nobody mended it/)
      .first()
      .waitFor();
    await page.getByRole('button', { name: 'Mended' }).click();
    await expect.poll(() => event.getByText(/LAP 01 was found faulty/).count()).toBe(0);
  });

  it('takes a workbook in, with each faulty line told, and gives lists and labels out', async () => {
    const page = await stage.open('/shelf');
    await page.getByRole('button', { name: 'Paste a list' }).click();
    const words = (value: string) => ({ value, type: String });
    const book = await writeXlsxFile([
      ['Code', 'What', 'Price', 'Bought on'].map(words),
      [
        words('NEW 1'),
        words('Network cable, 20 m'),
        { value: 12.5, type: Number },
        { value: new Date('2026-03-01T00:00:00Z'), type: Date, format: 'yyyy-mm-dd' },
      ],
      [words('NEW 2'), words('Network cable, 20 m'), { value: -3, type: Number }, null],
      [words('CAM 01'), words('Network cable, 20 m'), null, null],
    ]).toBuffer();
    await page
      .locator('input[type=file]')
      .setInputFiles({ name: 'stock.xlsx', mimeType: 'application/octet-stream', buffer: book });
    const faults = page.getByRole('table', { name: 'Lines that cannot be read' });
    await faults.waitFor();
    expect(await faults.locator('tbody tr').allInnerTexts()).toEqual([
      expect.stringMatching(/^3\s+price\s+“-3” is below nothing/),
      expect.stringMatching(/^4\s+tape\s+CAM 01 is on another item already/),
    ]);
    await page.getByRole('button', { name: 'Put 1 on the shelf' }).click();
    await page.getByText('1 thing is on the shelf.').last().waitFor();
    await page.getByRole('button', { name: 'Close' }).click();
    await find(page, 'NEW 1');
    await row(page, 'NEW 1').getByRole('checkbox').check();
    await page.getByRole('button', { name: 'Lists and labels' }).click();
    await page.getByText('Of the 1 thing that are chosen.').waitFor();
    const labels = page.waitForEvent('download');
    await page.getByRole('link', { name: 'Labels, PDF' }).click();
    expect((await labels).suggestedFilename()).toBe('shelf-labels.pdf');
    const list = page.waitForEvent('download');
    await page.getByRole('link', { name: 'Insurance list, workbook' }).click();
    expect((await list).suggestedFilename()).toBe('insurance.xlsx');
  });

  it('is not to be had by two: who comes second is told, and takes another', async () => {
    const page = await stage.open('/shelf/itemlap02');
    const day = new Date(Date.now() + 40 * 24 * 3600_000).toISOString().slice(0, 10);
    const book = async (label: string, from: string, to: string): Promise<void> => {
      await page.getByLabel('What it is booked for').fill(label);
      await page.getByLabel('from', { exact: true }).fill(`${day}T${from}`);
      await page.getByLabel('to', { exact: true }).fill(`${day}T${to}`);
      await page.getByRole('button', { name: 'Book', exact: true }).click();
    };
    await book('Choir evening', '18:00', '21:00');
    await thing(page)
      .getByText(/^Choir evening/)
      .waitFor();
    await book('Quiz', '20:59', '22:00');
    await page.getByText(/LAP 02 is booked for “Choir evening”/).waitFor();
    await page.goto(page.url().replace('itemlap02', 'bookings'));
    await page.getByLabel('Day', { exact: true }).fill(day);
    await page
      .getByRole('listitem')
      .filter({ hasText: 'Choir evening' })
      .getByRole('link', { name: 'LAP 02' })
      .waitFor();
  });

  it('is booked by an event that is confirmed, and set free again', async () => {
    const page = await stage.open(`/events/${FRIDAY}/pack`);
    const booking = page.getByRole('region', { name: 'Booking' });
    await booking.getByRole('button', { name: 'Confirm and book' }).click();
    await booking.getByText(/things are booked from/).waitFor();
    await booking.getByRole('button', { name: 'Release all' }).click();
    await booking.getByText('Not confirmed').waitFor();
    await saved(page);
  });
});
