/** People: somebody new, what they can do, when they come and with whom; what a station says of that. */
import { afterAll, beforeAll, describe, it } from 'vitest';
import { FRIDAY, setStage, type Page, type Stage } from './helper.js';

let stage: Stage;
let page: Page;

beforeAll(async () => {
  stage = await setStage();
  page = await stage.open('/people');
});
afterAll(() => stage.close());

const keep = () => page.getByRole('button', { name: 'Keep', exact: true }).click();

describe('somebody who helps', () => {
  it('is added by name, and what they can do is said', async () => {
    await page.getByRole('button', { name: 'Add somebody' }).click();
    await page.getByLabel('Name of who helps').fill('Ottoline Græsholm');
    await page.getByRole('button', { name: 'Add them' }).click();
    await page.getByRole('heading', { name: 'Ottoline Græsholm', exact: true }).waitFor();
    await page.getByLabel('camera').selectOption('learning');
    await page.getByLabel('Under 18 until').fill('2030-05-31');
    await page.getByLabel('Say more').selectOption({ label: 'Guardian' });
    await page.getByLabel('Phone').last().fill('no number');
    await keep();
    await page.getByText('must be digits').waitFor();
    await page.getByLabel('Phone').last().fill('01632 960 140');
    await keep();
    // Who it is must be said too.
    await page.getByText('say it').waitFor();
    await page.getByLabel('Name').last().fill('Runa Græsholm');
    await keep();
    await page.getByText('Runa Græsholm, 01632 960 140').waitFor();
  });

  it('says when they come and with whom, each of which is taken out again', async () => {
    await page.getByRole('button', { name: 'Say when' }).click();
    await page.getByLabel('Which days').selectOption({ label: 'second and fourth of a month' });
    await page.getByLabel(/^They/).selectOption('come');
    await page.getByLabel('From', { exact: true }).fill('2026-01-01');
    for (const day of ['2026-12-27', '2026-12-13']) {
      await page.getByLabel('But not on').fill(day);
      await page.getByRole('button', { name: 'Leave that day out' }).click();
    }
    await page.getByRole('button', { name: 'Do not leave Sun 27 Dec 2026 out' }).click();
    await page.getByRole('button', { name: 'Keep it' }).click();
    // The list of what is kept of them says it too, a little later.
    const days = page.getByRole('region', { name: 'When they come' });
    await days
      .getByText('come: second and fourth Sunday of a month, from Thu 1 Jan 2026; not on Sun 13 Dec 2026')
      .waitFor();
    await page.getByRole('button', { name: 'Say with whom' }).click();
    await page.getByLabel(/^Who/).selectOption({ label: 'Petra Lund' });
    await page.getByLabel(/^How/).selectOption('come together');
    await page.getByRole('button', { name: 'Keep it' }).click();
    await page.getByRole('button', { name: 'Take out: Petra Lund: come together' }).click();
    await page.getByText('Nobody is said to go with them').waitFor();
  });

  it('is told to be away where a role of that day is given out, and a snag says so', async () => {
    await page.goto(`${stage.servers[0]?.address}/events/${FRIDAY}/hands`);
    const choice = page.getByLabel('Person for Camera operator, C3 SIDE');
    await choice.waitFor();
    const option = choice.getByRole('option', { name: 'Ottoline Græsholm · learning · under 18 · is away' });
    await choice.selectOption((await option.getAttribute('value')) ?? '');
    await page.keyboard.press('s');
    await page
      .getByText('Ottoline Græsholm, who is down for Camera operator, C3 SIDE, is away then.')
      .first()
      .waitFor();
  });
});

describe('the roster of a span of days', () => {
  const cell = (row: number, column: number) =>
    page.getByRole('grid', { name: 'Roster' }).locator('tbody tr').nth(row).locator('td').nth(column);

  it('is gone through by keys, changed by hand, looked for, written into the plans, and taken back', async () => {
    await page.goto(`${stage.servers[0]?.address}/people`);
    await page.getByRole('link', { name: 'Roster' }).click();
    await page.getByRole('link', { name: 'Sunday 15:00 – thanksgiving on the green' }).waitFor();
    await cell(0, 0).focus();
    await page.keyboard.press('ArrowRight');
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('End');
    await page.keyboard.press('Home');
    await page.keyboard.press('Control+Home');
    await page.getByRole('region', { name: 'Agathe Peel at Friday 19:30 – opening concert' }).waitFor();
    await page.keyboard.press('Enter');
    await page.keyboard.press('Enter');
    await cell(0, 0).getByText('kept').waitFor();
    await page.keyboard.press('Escape');
    // She said yes to the morning after, and would not have rested by then.
    await page.getByRole('button', { name: 'Look for a roster' }).click();
    const found = page.getByRole('region', { name: 'What was found' });
    await found.getByText('There is no roster at all').waitFor();
    await found.getByText(/Agathe Peel rests between Friday/).waitFor();
    await page.getByRole('button', { name: 'Back one step' }).click();
    const callum = page
      .getByRole('row', { name: /Callum Dreyer/ })
      .locator('td')
      .first();
    await callum.click();
    await page.getByRole('button', { name: 'Put on Floor' }).click();
    await callum.getByText('kept').waitFor();
    await page.getByRole('button', { name: 'Look for a roster' }).click();
    await found.getByText('Stream watcher at Sunday 15:00 – thanksgiving on the green stays empty').waitFor();
    await found.getByText('It would be filled without one of these alone: ').waitFor();
    await callum.getByText('kept').waitFor();
    // The floor is Callum's, and somebody comes to the camera of her who is away.
    await page.getByRole('button', { name: 'Write 2 changes into the plans' }).click();
    await page.getByRole('button', { name: 'Take back what was written' }).click();
    await page.getByRole('button', { name: 'Take back what was written' }).waitFor({ state: 'detached' });
    await callum.getByText('Floor').waitFor({ state: 'detached' });
  });
});

describe('asking somebody', () => {
  it('gives a link of their own, by which they answer without signing in; the answer is told on the page', async () => {
    await page.goto(`${stage.servers[0]?.address}/people/asking`);
    await page.getByRole('button', { name: 'Ask Tobin Ashgrove' }).click();
    await page.getByLabel('Subject').fill('Mixing on Friday?');
    await page.getByRole('button', { name: 'I send it myself' }).click();
    const text = await page.getByLabel('What to send').inputValue();
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'Remind Tobin Ashgrove' }).waitFor();
    await page.getByText('Mixing on Friday?').waitFor();
    const phone = await page.context().newPage();
    await phone.setViewportSize({ width: 390, height: 844 });
    await phone.goto(/http\S+#\S+/.exec(text)?.[0] ?? '');
    const duty = phone.getByRole('region', { name: 'Friday 19:30 – opening concert' });
    await duty.getByText('Vision mixer').waitFor();
    await duty.getByRole('button', { name: 'Only if nobody else can' }).click();
    await duty.getByText('You come unless somebody else can.').waitFor();
    await page
      .getByRole('row', { name: /Tobin Ashgrove/ })
      .getByText('only if nobody else can')
      .waitFor();
    await duty.getByRole('button', { name: 'No, I cannot' }).click();
    await duty.getByText('You said no.').waitFor();
    await page.getByRole('row', { name: /Tobin Ashgrove/ }).waitFor({ state: 'detached' });
    const comes = phone.getByRole('region', { name: 'When you come' });
    await comes.getByRole('button', { name: 'Say when' }).click();
    await comes.getByLabel(/^You/).selectOption('come');
    await comes.getByLabel('From', { exact: true }).fill('2030-03-01');
    await comes.getByRole('button', { name: 'Keep it' }).click();
    await comes.getByText('You come: Fri 1 Mar 2030').waitFor();
    await phone.getByRole('button', { name: 'Make the address of a calendar' }).click();
    const calendar = await phone.request.get(await phone.getByLabel('The link').inputValue());
    if (!(await calendar.text()).startsWith('BEGIN:VCALENDAR')) throw new Error('no calendar');
    await page.getByRole('button', { name: 'Take back the link of Tobin Ashgrove' }).click();
    await phone.reload();
    await phone.getByText('This link is not good any more').waitFor();
    await phone.close();
  });
});

describe('lists of people', () => {
  it('are read from what is pasted and from contacts, shown before, and taken in', async () => {
    await page.goto(`${stage.servers[0]?.address}/people`);
    await page.getByRole('button', { name: 'Lists' }).click();
    const lists = page.getByRole('region', { name: 'Lists of people' });
    const paste = lists.getByRole('textbox');
    await paste.fill('Name;Skills\nSolveig Þórsdóttir;juggling');
    await lists.getByText('Line 2, Skills: “juggling” is no skill').waitFor();
    await paste.fill(
      'Name;Skills;Phone\nSolveig Þórsdóttir;stream (can lead);01632 960 150\nPetra Lund;;01632 960 103',
    );
    await lists.getByText('1 line says what is known already.').waitFor();
    await lists.getByRole('button', { name: 'Take in 1 new person, change 0' }).click();
    await lists.getByText('1 new, 0 changed.').waitFor();
    await page
      .getByRole('cell', { name: /stream \(can lead\)/ })
      .last()
      .waitFor();
    const card =
      'BEGIN:VCARD\r\nVERSION:3.0\r\nFN:Solveig Þórsdóttir\r\nEMAIL:solveig@example.org\r\nEND:VCARD\r\n';
    await lists
      .locator('input[type=file]')
      .setInputFiles({ name: 'contacts.vcf', mimeType: 'text/vcard', buffer: Buffer.from(card) });
    await lists.getByRole('button', { name: 'Take in 0 new people, change 1' }).click();
    await lists.getByText('0 new, 1 changed.').waitFor();
    const address = await lists.getByRole('link', { name: 'contacts' }).getAttribute('href');
    const cards = await (await page.request.get(new URL(address ?? '', page.url()).href)).text();
    if (!cards.includes('FN:Solveig Þórsdóttir\r\nTEL:01632 960 150\r\nEMAIL:solveig@example.org'))
      throw new Error(`not in the contacts: ${cards.slice(0, 300)}`);
  });
});
