/** Journeys from a rack that is arranged to cases that are packed and a car that is loaded. */
import { afterAll, afterEach, beforeAll, describe, expect, it } from 'vitest';
import { figure, FRIDAY, handedOver, saved, setStage, undo, type Stage } from './helper.js';

let stage: Stage;
beforeAll(async () => (stage = await setStage()));
afterEach(() => stage.clear());
afterAll(() => stage.close());

describe('a rack', () => {
  it('is arranged in one of the ways that are set side by side, and what stays put stays', async () => {
    const page = await stage.open(`/events/${FRIDAY}/racks`);
    const thing = (words: RegExp) => page.getByRole('button', { name: words }).first();
    await thing(/^STRIP, 1 U from unit 2/).focus();
    await page.getByLabel('It stays at its unit').check();
    await page.getByRole('button', { name: 'Look for better orders' }).click();
    const take = page.getByRole('button', { name: /^Take: Shortest leads/ });
    await take.waitFor();
    // The tray goes down and router and switch above it; the strip stays.
    await take.click();
    await thing(/^NETWORK, 1 U from unit 3/).waitFor();
    await thing(/^STRIP, 1 U from unit 2/).waitFor();
    await saved(page);
    await undo(page);
    await thing(/^NETWORK, 1 U from unit 1/).waitFor();
  });

  it('has its inner wiring beneath it, laced and cut from the stock', async () => {
    const page = await stage.open(`/events/${FRIDAY}/racks`);
    const list = page.getByRole('region', { name: 'Inner wiring of racks' });
    await list
      .getByRole('row', { name: /HDMI out 1 of SWITCHER HDMI in of RECORDER HDMI 0\.80 m/ })
      .waitFor();
    expect(await list.getByRole('link', { name: 'PDF' }).getAttribute('href')).toContain('inner-wiring.pdf');
  });
});

describe('the cases', () => {
  it('are packed by the search, and tell where a thing is', async () => {
    const page = await stage.open(`/events/${FRIDAY}/pack`);
    await page.getByRole('button', { name: 'Cases', exact: true }).click();
    const crate = page.getByRole('region', { name: 'CABLE CRATE' });
    await crate.getByRole('group', { name: /^Layer 1 of/ }).waitFor();
    await crate.getByRole('img', { name: 'CABLE CRATE from a corner, 14 things' }).waitFor();
    await page.getByRole('button', { name: 'Pack the cases' }).click();
    await page.getByRole('button', { name: 'Use this packing' }).click();
    await saved(page);
    await page.getByLabel('Where is').fill('hook');
    await page.getByText(/CABLE CRATE, layer \d of \d/).waitFor();
  });

  it('take what is put into them by hand, and say what is too large', async () => {
    const page = await stage.open(`/events/${FRIDAY}/pack`);
    await page.getByLabel('C1 WIDE, Tripod, fluid head, travels in').selectOption('CABLE CRATE');
    await saved(page);
    await page.keyboard.press('s');
    const snags = page.getByRole('region', { name: 'Snags' });
    await snags.getByRole('button', { name: /^C1 WIDE is larger than CABLE CRATE is inside/ }).click();
    await snags.getByRole('button', { name: 'Take it out of CABLE CRATE' }).click();
    await saved(page);
    expect(await snags.getByText('is larger than CABLE CRATE').count()).toBe(0);
  });
});

describe('a thing in a case', () => {
  it('is turned and moved by keys and by hand, and stays where there is no room', async () => {
    const page = await stage.open(`/events/${FRIDAY}/pack`);
    await page.getByRole('button', { name: 'Cases', exact: true }).click();
    const own = page.getByRole('region', { name: 'CAMERA CASE' });
    const thing = own.getByRole('button', { name: /C3 SIDE: arrow keys move it/ });
    const left = async (): Promise<number> => Number(await thing.locator('rect').first().getAttribute('x'));
    const before = await left();
    await thing.focus();
    await page.keyboard.press('Shift+ArrowRight');
    await expect.poll(left).toBeGreaterThan(before + 5);
    await saved(page);
    await undo(page);
    await expect.poll(left).toBe(before);
    const box = await thing.boundingBox();
    if (!box) throw new Error('it is drawn');
    const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.mouse.move(x + 40, y, { steps: 4 });
    await page.mouse.up();
    await expect.poll(left).toBeGreaterThan(before + 20);
    await saved(page);
  });
});

describe('those who lift', () => {
  it('are named on a case; one who lifts nothing is told, and another is offered', async () => {
    const page = await stage.open(`/events/${FRIDAY}/pack`);
    await page.getByLabel('Put a name on DESK RACK').selectOption({ label: 'Maud Tarrant · 0 kg' });
    await page.getByLabel('Put a name on DESK RACK').selectOption({ label: 'Callum Dreyer · 23 kg' });
    await saved(page);
    await page.keyboard.press('s');
    const snags = page.getByRole('region', { name: 'Snags' });
    await snags
      .getByRole('button', { name: /^Maud Tarrant lifts nothing, and is one of 2 on DESK RACK/ })
      .click();
    await snags.getByRole('button', { name: 'Wilf Okonjo in their place' }).click();
    await saved(page);
    await page.getByRole('button', { name: 'Take Wilf Okonjo off DESK RACK' }).waitFor();
  });

  it('walk a way that is measured here, as long as it is', async () => {
    const page = await stage.open(`/events/${FRIDAY}/pack`);
    await page.getByText('The way in, of the venue').click();
    for (const [label, value] of [
      ['From the vehicle to the room', '40 m'],
      ['Steps on the way, up or down', '2'],
      ['Doors on the way', '2'],
    ] as const) {
      await page.getByLabel(label).fill(value);
      await page.keyboard.press('Enter');
    }
    // 40 m, two steps and two doors there and back, and 30 s: 134 s for each of eight or more trips.
    await expect.poll(() => figure(page, 'pack.carried.each').innerText()).toContain('134');
    await saved(page);
  });
});

describe('a settings file', () => {
  it('is kept with its thing by version, handed out again, and loaded and confirmed on the day', async () => {
    const page = await stage.open(`/events/${FRIDAY}/racks`);
    await page.getByText('Settings, buttons, travel: nothing kept').click();
    const file = (text: string) => ({ name: 'rack.cfg', mimeType: 'text/plain', buffer: Buffer.from(text) });
    await page.getByLabel('A knob or menu entry of DESK RACK').fill('Fan');
    await page.getByLabel('What it is set to on DESK RACK').fill('slow');
    await page.getByRole('button', { name: 'Note it' }).first().click();
    expect(await page.getByLabel('Fan of DESK RACK').inputValue()).toBe('slow');
    await page.getByLabel('Keep a settings file with DESK RACK').setInputFiles(file('one'));
    await page.getByText('rack, version 1').waitFor();
    await page.getByLabel('New version of rack').setInputFiles(file('second'));
    await page.getByText('rack, version 2').waitFor();
    await saved(page);
    const { name, bytes } = await handedOver(page, () =>
      page.getByRole('link', { name: 'rack.cfg' }).click(),
    );
    expect([name, bytes.toString()]).toEqual(['rack.cfg', 'second']);
    await page
      .getByLabel('Keep a settings file with DESK RACK')
      .setInputFiles({ ...file(''), name: 'none.cfg' });
    await page.getByRole('alert').filter({ hasText: 'none.cfg is empty' }).waitFor();
    await page.goto(page.url().replace('/racks', '/day'));
    await page.getByRole('tab', { name: /^Plug in/ }).click();
    await page.getByText('DESK RACK has “rack”, version 2, loaded and confirmed').waitFor();
  });
});

describe('the back of a rack', () => {
  it('has panels or is open, set side by side, and the one that is taken is mounted', async () => {
    const page = await stage.open(`/events/${FRIDAY}/racks`);
    await page.getByRole('button', { name: 'Panels or an open back?' }).click();
    await page.getByText('7 leads leave it; for 2 of them no kind of panel has a socket').waitFor();
    await page.getByRole('button', { name: 'Use this' }).click();
    await page
      .getByRole('button', { name: /^PANEL 1, 1 U from unit/ })
      .first()
      .waitFor();
    await saved(page);
    await undo(page);
  });
});

describe('a car', () => {
  it('carries what it may, less with more people in it', async () => {
    const page = await stage.open(`/events/${FRIDAY}/pack`);
    await page.getByRole('button', { name: 'Vehicles' }).click();
    const payload = figure(page, 'pack.vehicles.carodile1.payload');
    await expect.poll(() => payload.innerText()).toContain('485');
    await page.getByLabel('People besides the driver').fill('4');
    await page.keyboard.press('Enter');
    await expect.poll(() => payload.innerText()).toContain('260');
    await page.getByRole('button', { name: 'Load the vehicles' }).click();
    await page.getByText('Nothing is left behind.').waitFor();
    await page.getByRole('button', { name: 'Use this order' }).click();
    await saved(page);
  });
});
