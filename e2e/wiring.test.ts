/** Journeys through Signal: building, looping, tracing, reusing, and plugging with the keyboard alone. */
import { afterAll, afterEach, beforeAll, describe, expect, it } from 'vitest';
import { figure, FRIDAY, handedOver, saved, setStage, undo, type Page, type Stage } from './helper.js';

let stage: Stage;
beforeAll(async () => (stage = await setStage()));
afterEach(() => stage.clear());
afterAll(() => stage.close());

/** Puts a kind into the plan, into a case where one is named, and gives it a label. */
async function add(page: Page, kind: string, label: string, inside?: string): Promise<void> {
  await page.getByLabel('Where to add it').selectOption(inside === undefined ? '' : { label: inside });
  await page.getByLabel('What to add').fill(kind);
  await page.getByRole('button', { name: kind, exact: true }).click();
  const field = page.getByRole('region', { name: 'Selected device' }).getByLabel('Label');
  await field.fill(label);
  await field.press('Enter');
  await page.getByRole('region', { name: 'Selected device' }).getByLabel('Label').blur();
}

async function plug(page: Page, from: string, to: string): Promise<void> {
  await page.getByLabel('From', { exact: true }).fill(from);
  await page.getByLabel('Into', { exact: true }).fill(to);
  await page.getByRole('button', { name: 'Plug in', exact: true }).click();
  await page.waitForFunction(
    () => (document.getElementById('plug-from') as HTMLInputElement | null)?.value === '',
  );
}

const selected = (page: Page) => page.getByRole('region', { name: 'Selected device' });

describe('the hybrid workshop', () => {
  it('is built from an empty event: gear from the shelf, the rest connected, two programmes', async () => {
    const page = await stage.open('/events');
    await page.getByRole('button', { name: 'New event' }).click();
    await page.getByRole('textbox', { name: 'Name' }).fill('Workshop from nothing');
    await page.getByLabel(/^Live at/).fill('2026-12-12T10:00');
    await page.getByRole('combobox', { name: /^Venue/ }).selectOption({ label: 'Quill Grange hall' });
    await page.getByRole('button', { name: 'Make the event' }).click();
    await page.getByRole('navigation', { name: 'Stations' }).getByText('Signal').click();
    await add(page, 'Rack case, 4U, shallow', 'DESK RACK');
    await add(page, 'Switcher, 6 HDMI in with scalers, two programmes', 'MIXER', 'DESK RACK');
    await add(page, 'Pan-tilt camera, 20×', 'P1');
    await add(page, 'Laptop, for words and slides', 'SLIDES', 'DESK RACK');
    await selected(page).getByLabel('shows slides').check();
    await add(page, 'Laptop, for words and slides', 'CLIPS', 'DESK RACK');
    await selected(page).getByLabel('plays clips').check();
    await add(page, 'Laptop, for words and slides', 'GUEST VIEW', 'DESK RACK');
    await selected(page).getByLabel('watches as a guest').check();
    await add(page, 'Laptop, for calls, picture in by USB', 'CALL', 'DESK RACK');
    await selected(page).getByLabel('holds the call').check();
    await add(page, 'Monitor, 24 inch', 'MONITOR', 'DESK RACK');
    await selected(page).getByLabel('whoever mixes', { exact: true }).check();
    await add(page, 'Screen, 43 inch, on a stand', 'STAGE RETURN');
    await selected(page).getByLabel('whoever presents').check();

    await page.getByRole('navigation', { name: 'Stations' }).getByText('Brief').click();
    await page.getByRole('button', { name: 'Add a stream' }).click();
    await page.getByLabel('Device of Stream').selectOption({ label: 'MIXER' });
    await page.getByRole('button', { name: 'Add a screen' }).click();
    await page.getByLabel('Device of Screen in the room').selectOption({ label: 'STAGE RETURN' });
    await page.getByLabel('Programme of Screen in the room').selectOption('second programme');

    await page.getByRole('navigation', { name: 'Stations' }).getByText('Signal').click();
    await page.getByRole('button', { name: 'Connect the rest' }).click();
    await page.getByRole('button', { name: /^Accept \d/ }).click();
    await page.locator('[data-figure$=".fedBy"]').getByText('second programme of MIXER').waitFor();
    // Who only watches as a guest gives no picture, and takes no input.
    for (const source of ['P1', 'SLIDES', 'CLIPS', 'CALL']) {
      const line = page.locator('[data-figure^="signal.sources."][data-figure$=".input"]', {
        hasText: source,
      });
      expect(await line.innerText()).toMatch(/HDMI in \d/);
    }
    await page.locator('[data-figure^="signal.views.mixer"]').getByText('multiview on MONITOR').waitFor();
    await page.getByRole('tab', { name: 'Patch list' }).click();
    const patch = page.getByRole('region', { name: 'Patch list' });
    await patch.getByText('MONITOR · HDMI in').waitFor();
    await saved(page);
  });
});

describe('a starter kit', () => {
  it('is shown with its picture and makes an event without a stop under Signal', async () => {
    const page = await stage.open('/events');
    await page.getByRole('button', { name: 'New event' }).click();
    await page.getByRole('textbox', { name: 'Name' }).fill('From a kit');
    await page.getByLabel(/^Live at/).fill('2026-12-13T10:00');
    await page.getByLabel('Begin with').selectOption({ label: 'Three cameras, compact switcher' });
    await page.getByRole('img', { name: /^Schematic of the kit/ }).waitFor();
    await page.getByRole('button', { name: 'Make the event' }).click();
    await page.getByRole('navigation', { name: 'Stations' }).getByText('Signal').click();
    await page.locator('[data-box]').first().waitFor();
    await page.locator('[data-figure$=".fedBy"]').getByText('programme of SWITCHER').first().waitFor();
    expect(await page.locator('[data-figure^="signal.sources."]').count()).toBeGreaterThan(3);
  });
});

describe('a fourth camera in the church', () => {
  it('finds no input, and gets one by a smaller switcher before the full one', async () => {
    const page = await stage.open(`/events/${FRIDAY}/signal`);
    // Clamped to the rack, it shows the pews.
    await add(page, 'Camera, 1-inch, 24–360 eq.', 'C4 PEWS', 'DESK RACK');
    await saved(page);
    await figure(page, 'signal.sources.laptopwor.input').focus();
    await page.keyboard.press('s');
    const snags = page.getByRole('region', { name: 'Snags' });
    await snags.getByRole('button', { name: /^C4 PEWS reaches no input/ }).click();
    await snags
      .getByRole('button', { name: /^Put “Sub-switcher, 4 HDMI in, cuts only” SUB 01 before HDMI in 4/ })
      .click();
    await snags.getByRole('button', { name: /^C4 PEWS reaches no input/ }).waitFor({ state: 'detached' });
    await page.keyboard.press('Escape');
    await saved(page);
    await figure(page, 'signal.sources.laptopwor.input').getByText('HDMI in 1').waitFor();
    await figure(page, 'signal.sources.laptopwor.input').focus();
    for (let edits = 0; edits < 3; edits++) await undo(page);
  });
});

describe('a ring of talkback', () => {
  it('is a stop as soon as it is plugged, and cured by its fix', async () => {
    const page = await stage.open(`/events/${FRIDAY}/signal`);
    await add(page, 'Switcher, rack 1U, 8 SDI in', 'ROW', 'DESK RACK');
    await plug(page, 'ROW · SDI out 2, with talkback', 'ROW · SDI in 1');
    await saved(page);
    await figure(page, 'signal.sources.laptopwor.input').focus();
    await page.keyboard.press('s');
    const snags = page.getByRole('region', { name: 'Snags' });
    await snags.getByRole('button', { name: /^Talkback runs in a ring through ROW/ }).click();
    await snags.getByRole('button', { name: /^Unplug ROW from ROW/ }).click();
    await snags.getByRole('button', { name: /^Talkback runs in a ring/ }).waitFor({ state: 'detached' });
    await page.keyboard.press('Escape');
    await saved(page);
    await figure(page, 'signal.sources.laptopwor.input').focus();
    for (let edits = 0; edits < 4; edits++) await undo(page);
  });
});

describe('a trace', () => {
  it('lights the chain behind an output with formats and times, and says what dies with a lead', async () => {
    const page = await stage.open(`/events/${FRIDAY}/signal`);
    await page.locator('[data-box]').first().waitFor();
    await page.getByRole('button', { name: 'Trace Recording' }).click();
    const trace = page.getByRole('region', { name: 'Trace' });
    await trace.getByText('What comes to Recording').waitFor();
    const row = trace.getByRole('row', { name: /SWITCHER RECORDER/ });
    expect(await row.innerText()).toMatch(/1080p25\s+40 ms\s+120 ms/);
    await page.getByRole('button', { name: 'Whole' }).click();
    await page.locator('[data-wire="linkrecor"] rect').click();
    await trace.getByText('Without the lead from SWITCHER to RECORDER').waitFor();
    await trace.getByText(/black: Recording/).waitFor();
    const { name, bytes } = await handedOver(page, () =>
      page.getByRole('region', { name: 'Schematic' }).getByRole('link', { name: 'SVG' }).click(),
    );
    expect(name).toBe('schematic.svg');
    expect(bytes.toString()).toContain('C1 WIDE');
  });
});

describe('a lead', () => {
  it('is pulled from port to port with the pointer; what does not fit says why', async () => {
    const page = await stage.open(`/events/${FRIDAY}/signal`);
    await add(page, 'Monitor, 24 inch', 'DESK MONITOR', 'DESK RACK');
    const pin = (text: string) => page.locator('[data-port]', { hasText: new RegExp(`^${text}$`) });
    await page.locator('[data-box]', { hasText: 'DESK MONITOR' }).waitFor();
    await page.getByRole('button', { name: 'Whole' }).click();
    const from = await pin('HDMI monitor').boundingBox();
    const wrong = await pin('audio in').boundingBox();
    const to = await page
      .locator('[data-box]', { hasText: 'DESK MONITOR' })
      .locator('[data-port]')
      .boundingBox();
    if (!from || !wrong || !to) throw new Error('no pins');
    const middle = ({ x, y, width, height }: typeof from): [number, number] => [
      x + width / 2,
      y + height / 2,
    ];
    await page.mouse.move(...middle(from));
    await page.mouse.down();
    await page.mouse.move(...middle(wrong), { steps: 4 });
    await page.getByText(/does not go into SWITCHER · audio in: it carries sound, not pictures/).waitFor();
    await page.mouse.move(...middle(to), { steps: 4 });
    await page.mouse.up();
    await page
      .locator('[data-figure^="signal.views.mixer"]')
      .getByText('multiview on DESK MONITOR')
      .waitFor();
    await saved(page);
    await figure(page, 'signal.sources.laptopwor.input').focus();
    for (let edits = 0; edits < 3; edits++) await undo(page);
  });
});

describe('a rack', () => {
  it('is saved as an assembly, stands closed on the schematic, and is put into another event', async () => {
    const page = await stage.open(`/events/${FRIDAY}/signal`);
    await page.locator('[data-box="switcher1"]').waitFor();
    // There is no room for its frame, so that its boxes say that they are in it.
    await page.locator('[data-group="deskrack1"]').first().click();
    await selected(page).getByLabel('Name of the assembly').fill('Vestry rack');
    await page.getByRole('button', { name: 'Save as an assembly' }).click();
    await page.locator('[data-box="deskrack1"]').getByText('SWITCHER · HDMI in 1').waitFor();
    await page.getByRole('button', { name: 'Open it' }).click();
    await page.locator('[data-box="switcher1"]').waitFor();
    await saved(page);
    const other = await stage.open('/events/eventgreen1/signal');
    await other.getByLabel('What to add').fill('vestry');
    await other.getByRole('button', { name: 'Vestry rack' }).click();
    await selected(other).getByText('“Vestry rack”, version 1').waitFor();
    await other.locator('[data-figure$=".input"]', { hasText: 'WORDS' }).getByText('HDMI in 4').waitFor();
    await saved(other);
  });
});

describe('without a pointer', () => {
  it('a port is plugged by its code, the reason of a refusal is read, and the box is nudged', async () => {
    const page = await stage.open(`/events/${FRIDAY}/signal`);
    await page.locator('[data-box]').first().waitFor();
    await page.getByLabel('From', { exact: true }).focus();
    await page.keyboard.type('HOUSE DESK · bus 5');
    await page.keyboard.press('Tab');
    await page.keyboard.type('SWITCHER · HDMI in 1');
    await page.getByText('Not so: it carries pictures, not sound.').waitFor();
    await page.getByText('WORDS · HDMI out → SWITCHER · HDMI in 4').locator('xpath=../button[2]').focus();
    await page.keyboard.press('Enter');
    await figure(page, 'signal.sources.laptopwor.input').getByText('its picture goes nowhere').waitFor();
    await page.getByLabel('From', { exact: true }).fill('');
    await page.keyboard.type('WORDS · HDMI out');
    await page.keyboard.press('Tab');
    await page.getByLabel('Into', { exact: true }).fill('');
    await page.keyboard.type('SWITCHER · HDMI in 4');
    await page.getByText('The plugs fit.').waitFor();
    await page.keyboard.press('Enter');
    await figure(page, 'signal.sources.laptopwor.input').getByText('HDMI in 4').waitFor();
    await page.getByLabel('Find in the schematic').focus();
    await page.keyboard.type('aisle');
    await page.keyboard.press('Enter');
    await selected(page).getByLabel('Label').waitFor();
    await page.getByRole('button', { name: 'Whole' }).focus();
    const box = page.locator('[data-box="screennor"]');
    const before = await box.getAttribute('transform');
    await page.keyboard.press('ArrowDown');
    await page.waitForFunction(
      was => document.querySelector('[data-box="screennor"]')?.getAttribute('transform') !== was,
      before,
    );
    await saved(page);
    for (let edits = 0; edits < 3; edits++) await undo(page);
  });
});
