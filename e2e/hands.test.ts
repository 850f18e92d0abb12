/** Journeys of the crew: what the running order asks of people, who has too much, who could do it with the fewest. */
import { afterAll, afterEach, beforeAll, describe, expect, it } from 'vitest';
import { figure, FRIDAY, saved, setStage, undo, type Stage } from './helper.js';

let stage: Stage;
beforeAll(async () => (stage = await setStage()));
afterEach(() => stage.clear());
afterAll(() => stage.close());

describe('what an item asks', () => {
  it('is counted under Brief, is too much for one under Hands, and is cured from there', async () => {
    const page = await stage.open(`/events/${FRIDAY}/brief`);
    await page.getByLabel('Work of Soloist').click();
    const captions = page.locator('details[open]').getByLabel('Captions');
    // 130 captions of 6 s in 12 min.
    await captions.fill('130');
    await captions.press('Enter');
    await page.getByText('asks for 3 cuts a minute, 130 captions').waitFor();
    await page.getByRole('link', { name: /Hands/ }).click();
    await page.getByText('Sunniva Rayne Graphics and words · ◆ too much for one').waitFor();
    await page.keyboard.press('s');
    const snag = page.getByText(
      'Sunniva Rayne has 109 % to do in “Soloist”, from 20:05, as Graphics and words.',
    );
    await snag.click();
    await page.getByRole('button', { name: 'Make do with 120 captions in “Soloist”' }).click();
    await snag.waitFor({ state: 'detached' });
    await page.getByText('Sunniva Rayne Graphics and words · ✓ one person can do this').waitFor();
    await saved(page);
    for (let edits = 0; edits < 2; edits++) await undo(page);
  });
});

describe('the least crew', () => {
  it('is found, says who does what, and is taken and taken back in one step', async () => {
    const page = await stage.open(`/events/${FRIDAY}/hands`);
    const people = figure(page, 'hands.people');
    await expect.poll(() => people.innerText()).toContain('7');
    const least = page.getByRole('region', { name: 'Least crew' });
    await least.getByRole('button', { name: 'Who could do it with the fewest' }).click();
    await least.getByText('5 people').first().waitFor();
    expect(await least.getByRole('listitem').count()).toBe(5);
    await least.getByRole('button', { name: 'Have 5 people do it' }).click();
    await expect.poll(() => people.innerText()).toContain('5');
    await saved(page);
    await undo(page);
    await expect.poll(() => people.innerText()).toContain('7');
  });
});

describe('an answer', () => {
  it('is noted, empties the role where it is no, and stays written down when somebody else is put on it', async () => {
    const page = await stage.open(`/events/${FRIDAY}/hands`);
    const person = page.getByLabel('Person for Camera operator, C3 SIDE');
    const answer = page.getByLabel('Answer for Camera operator, C3 SIDE');
    expect(await answer.inputValue()).toBe('');
    await answer.selectOption('asked');
    await expect.poll(() => answer.inputValue()).toBe('asked');
    await saved(page);
    await undo(page);
    await expect.poll(() => answer.inputValue()).toBe('');
    await answer.selectOption('said no');
    await page.getByText('Wilf Okonjo said no').waitFor();
    expect(await person.inputValue()).toBe('');
    await person.selectOption('petralund1');
    await expect.poll(() => person.inputValue()).toBe('petralund1');
    await page.getByText('Wilf Okonjo said no').waitFor();
    expect(await answer.inputValue()).toBe('');
    await saved(page);
    for (let edits = 0; edits < 2; edits++) await undo(page);
    await expect.poll(() => person.inputValue()).toBe('wilfokonjo');
  });
});

describe('getting ready', () => {
  it('is scheduled, taken, moved with the keys and let go, and taken back', async () => {
    const page = await stage.open(`/events/${FRIDAY}/hands`);
    const ready = page.getByRole('region', { name: 'Ready in time' });
    await ready.getByRole('button', { name: 'Who does what, and in which order' }).click();
    await ready.getByText('74 min when all goes as usual, and no order is shorter: proven.').waitFor();
    await ready.getByRole('row').filter({ hasText: '16:45' }).waitFor();
    await ready.getByRole('button', { name: 'Do it in this order' }).click();
    const bars = page.getByRole('group', { name: 'Who does what before the rehearsal' });
    const power = bars.getByRole('button', { name: /^Power up/ });
    // Called at 16:40 as is planned; rigging 12 min, then plugging in 12.
    await expect.poll(() => power.getAttribute('aria-label')).toContain('Power up, 17:04–17:09');
    await power.focus();
    await page.keyboard.press('Shift+ArrowRight');
    await expect.poll(() => power.getAttribute('aria-label')).toContain('Power up, 17:09–17:14');
    await expect.poll(() => figure(page, 'hands.schedule.takes').innerText()).toContain('79');
    await power.focus();
    await page.keyboard.press('Delete');
    await expect.poll(() => power.getAttribute('aria-label')).toContain('Power up, 17:04–17:09');
    await saved(page);
    // Pulled by hand, and put back.
    const box = await power.boundingBox();
    if (!box) throw new Error('the bar is not drawn');
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width / 2 + 60, box.y + box.height / 2, { steps: 4 });
    await page.mouse.up();
    await bars.getByRole('button', { name: /^Power up.*fixed$/ }).waitFor();
    await page.getByRole('button', { name: 'Let all begin as soon as they can' }).click();
    await expect.poll(() => power.getAttribute('aria-label')).toContain('Power up, 17:04–17:09');
    await saved(page);
    // Striking is part of what was taken, and moved alike.
    const strike = page.getByRole('group', { name: 'Who strikes what' });
    const down = strike.getByRole('button', { name: /^Power down/ });
    await down.focus();
    await page.keyboard.press('ArrowRight');
    await strike.getByRole('button', { name: /^Power down.*fixed$/ }).waitFor();
    await saved(page);
    await page.getByRole('button', { name: 'Take the schedule out' }).click();
    await bars.waitFor({ state: 'detached' });
    await strike.waitFor({ state: 'detached' });
    await saved(page);
  });

  it('has room for a break of everybody, which is taken out again', async () => {
    const page = await stage.open(`/events/${FRIDAY}/hands`);
    const rigging = figure(page, 'hands.rigging');
    const before = await rigging.innerText();
    const breaks = page.getByRole('region', { name: 'Breaks' });
    await breaks.getByRole('button', { name: 'A break for everybody' }).click();
    await breaks.getByLabel('When: Meal').selectOption('once everything is checked');
    const minutes = (text: string): number => Number(/([\d.]+)\s*min/.exec(text)?.[1]);
    await expect.poll(async () => minutes(await rigging.innerText())).toBeCloseTo(minutes(before) + 30, 0);
    await breaks.getByRole('button', { name: 'Take out: Meal' }).click();
    await expect.poll(() => rigging.innerText()).toBe(before);
    await saved(page);
  });
});

describe('work of the day', () => {
  it('is begun and done by a press, and the house learns from it how long things take', async () => {
    const page = await stage.open(`/events/${FRIDAY}/day`);
    const work = page.getByRole('region', { name: 'Work of the day' });
    await work.getByText(/^Getting ready: 0 of/).click();
    await work.getByRole('button', { name: 'Begin: Rig C1 WIDE' }).click();
    await work.getByRole('button', { name: 'Done: Rig C1 WIDE' }).click();
    await work.getByText(/^Getting ready: 1 of/).waitFor();
    await saved(page);
    await page.getByRole('button', { name: /^Rules/ }).click();
    const rules = page.getByRole('dialog', { name: 'House rules' });
    await rules.getByText('How long work takes here, as it was on the day').click();
    // Pressed one after the other: nobody rigs a camera in a second.
    await rules.getByText(/somebody pressed too late/).waitFor();
    await page.keyboard.press('Escape');
    await work.getByRole('button', { name: 'Take back: Rig C1 WIDE' }).click();
    await work.getByText(/^Getting ready: 0 of/).waitFor();
    await saved(page);
  });
});

describe('a role', () => {
  it('that falls to whoever mixes is taken over, and given back', async () => {
    const page = await stage.open(`/events/${FRIDAY}/hands`);
    const director = page.getByLabel('Person for Director');
    await director.getByText('Tobin Ashgrove, besides Vision mixer').waitFor({ state: 'attached' });
    await director.selectOption('odilemarsh');
    await page.getByText('Odile Marsh Director · ✓ one person can do this').waitFor();
    await director.selectOption('');
    await director.getByText('Tobin Ashgrove, besides Vision mixer').waitFor({ state: 'attached' });
  });
});
