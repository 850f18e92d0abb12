/** Money in Pack: what must be come by, what stands in, what fits, and an event in other ways. */
import { afterAll, afterEach, beforeAll, describe, expect, it } from 'vitest';
import { figure, FRIDAY, handedOver, saved, setStage, undo, type Page, type Stage } from './helper.js';

let stage: Stage;
beforeAll(async () => (stage = await setStage()));
afterEach(() => stage.clear());
afterAll(() => stage.close());

const opened = async (event = FRIDAY): Promise<Page> => {
  const page = await stage.open(`/events/${event}/pack`);
  await page.getByRole('button', { name: 'Money', exact: true }).click();
  await page.getByRole('heading', { name: 'To come by' }).waitFor();
  return page;
};

describe('a quote', () => {
  it('takes a package, is reckoned at once, and is had as a PDF', async () => {
    const page = await opened();
    const quote = page.getByRole('region', { name: 'Quote for a client' });
    // 95 and 30 for what is offered, 38.5 hours at 6, and what the event costs.
    await quote.getByRole('cell', { name: '£395.50' }).waitFor();
    await quote.getByRole('button', { name: 'Add a package' }).click();
    const form = quote.getByRole('form', { name: 'A package' });
    await form.getByLabel('Package').fill('A second recording');
    await form.getByLabel('Amount').fill('40');
    await form.getByRole('button', { name: 'Add it' }).click();
    await quote.getByRole('cell', { name: '£435.50' }).waitFor();
    await quote.getByRole('button', { name: /^For whom/ }).click();
    const whom = quote.getByRole('form', { name: 'What is offered, to whom' });
    await whom.getByLabel('Discount').fill('10');
    await whom.getByRole('button', { name: 'Keep' }).click();
    await quote.getByRole('cell', { name: '£391.95' }).waitFor();
    await saved(page);
    const { name, bytes } = await handedOver(page, () => quote.getByRole('link', { name: 'PDF' }).click());
    expect([name, bytes.subarray(0, 5).toString()]).toEqual(['quote.pdf', '%PDF-']);
    await page.getByRole('heading', { name: 'Quote for a client' }).click();
    for (let edits = 0; edits < 2; edits++) await undo(page);
    await quote.getByRole('cell', { name: '£395.50' }).waitFor();
  });
});

describe('money', () => {
  it('of the event takes a cost that is added, and gives it back', async () => {
    const page = await opened();
    const running = figure(page, 'pack.money.running');
    await running.filter({ hasText: '£39.50' }).waitFor();
    await page.getByRole('button', { name: /^Add a cost/ }).click();
    const form = page.getByRole('form', { name: 'A cost of the event' });
    await form.getByLabel('What for').fill('Key of the hall');
    await form.getByLabel('It is').selectOption('other');
    await form.getByRole('button', { name: 'Add it' }).click();
    // A price is wanted, and the form says so.
    await form.getByRole('alert').first().waitFor();
    await form.getByLabel('Amount').fill('12.5');
    await form.getByRole('button', { name: 'Add it' }).click();
    await running.filter({ hasText: '£52.00' }).waitFor();
    await undo(page);
    await running.filter({ hasText: '£39.50' }).waitFor();
  });

  it('says what a camera in repair costs, tries what stands in, and what fits under a ceiling', async () => {
    const page = await opened();
    await page.evaluate(() =>
      fetch('/api/v1/items/itemcam01', {
        method: 'PATCH',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ state: 'in repair' }),
      }),
    );
    await page.reload();
    await page.getByRole('button', { name: 'Money', exact: true }).click();
    const way = page.getByLabel('How to come by Camera, 1-inch, 24–360 eq. for C1 WIDE');
    await way.waitFor();
    await figure(page, 'pack.money.total').filter({ hasText: '£1,628.00' }).waitFor();
    await page.getByLabel(/^May be spent on gear/).fill('300');
    await page.keyboard.press('Enter');
    await figure(page, 'pack.money.left').filter({ hasText: '−£1,328.00' }).waitFor();
    await page.getByRole('button', { name: 'What fits', exact: true }).click();
    const fits = page.getByRole('region', { name: 'What fits' });
    await fits.getByText('Nothing better fits.').waitFor();
    await fits.getByText('hire', { exact: true }).waitFor();
    await fits.getByRole('button', { name: 'Make the plan so' }).click();
    await figure(page, 'pack.money.total').filter({ hasText: '£55.00' }).waitFor();
    expect(await way.inputValue()).toBe('hire');
    await page.getByRole('button', { name: /^More of Camera/ }).click();
    await figure(page, 'pack.money.prices.camoneinc.breakEven').filter({ hasText: '14.8' }).waitFor();
    await page.getByRole('button', { name: 'Try what there is' }).click();
    await page
      .getByRole('button', { name: /^Take / })
      .first()
      .waitFor();
    await saved(page);
    const { name } = await handedOver(page, async () => {
      await page.getByRole('button', { name: 'Sheets' }).click();
      await page
        .getByRole('menuitem', { name: /^Hire pick-up/ })
        .first()
        .click();
    });
    expect(name).toMatch(/\.pdf$/);
  });

  it('sets an event in several ways side by side, and makes one more', async () => {
    const page = await opened();
    await page.getByRole('button', { name: 'Set them side by side' }).click();
    await page.getByRole('link', { name: 'Friday with one camera' }).waitFor();
    const row = page.getByRole('row', { name: /^Weight/ });
    await row.getByRole('cell').nth(3).waitFor();
    expect(await row.getByRole('cell').count()).toBe(4);
    await page.getByLabel('Name of a new variant').fill('Friday from the floor');
    await page.getByRole('button', { name: 'Make a variant' }).click();
    await page.getByText('Friday from the floor').first().waitFor();
    await page.getByRole('button', { name: 'Money', exact: true }).click();
    await page.getByText('This is a variant').waitFor();
    expect(page.url()).not.toContain(FRIDAY);
  });
});

describe('the checklist', () => {
  it('is grouped otherwise, says why a line is there, and what is new since it was printed', async () => {
    const page = await stage.open(`/events/${FRIDAY}/pack`);
    await page.getByLabel('Grouped by').selectOption('kept');
    await page.getByRole('heading', { name: /^Vestry cupboard, top shelf/ }).waitFor();
    await page.getByRole('button', { name: 'Why BAT 01 is on the list' }).click();
    await page.getByText('C2 BATTERY is a device of the plan.').waitFor();
    await page.getByRole('button', { name: 'It is printed now' }).click();
    await page.getByText('nothing has changed since').waitFor();
    await page.getByRole('button', { name: /^Lines of your own/ }).click();
    const form = page.getByRole('form', { name: 'One more line' });
    await form.getByLabel('What', { exact: true }).fill('Kettle');
    await form.getByLabel('Why it comes along').fill('the ringers ask for tea');
    await form.getByRole('button', { name: 'Add it' }).click();
    await page.getByRole('button', { name: 'Change Kettle' }).waitFor();
    await page.getByRole('button', { name: 'Close' }).click();
    await page.getByRole('region', { name: 'Since it was printed' }).getByText('Kettle').waitFor();
    await page.getByRole('button', { name: 'Why Kettle is on the list' }).click();
    await page.getByText('Somebody added it: the ringers ask for tea.').waitFor();
  });
});
