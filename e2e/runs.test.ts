/** Journeys through Runs: leading cables, cutting them from the stock, and what is found on site. */
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { afterAll, afterEach, beforeAll, describe, expect, it } from 'vitest';
import { figure, FRIDAY, handedOver, saved, setStage, undo, type Page, type Stage } from './helper.js';

let stage: Stage;
beforeAll(async () => (stage = await setStage()));
afterEach(() => stage.clear());
afterAll(() => stage.close());

const choose = (page: Page, label: string | RegExp) =>
  page.getByRole('main').getByRole('button', { name: label }).first().click();
const metres = async (page: Page, path: string): Promise<number> =>
  parseFloat((await figure(page, path).locator('.value').innerText()).replace(',', ''));

/** A copy of the concert, at some later time or at the very same. */
async function copyOf(sameTime = false): Promise<string> {
  const api = `${stage.servers[0]?.address ?? ''}/api/v1`;
  const post = async (path: string, body: object): Promise<Response> =>
    fetch(`${api}${path}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    });
  const { id } = (await (await post(`/events/${FRIDAY}/copy`, {})).json()) as { id: string };
  if (!sameTime) return id;
  const planOf = async (event: string): Promise<{ revision: number; body: { start: string } }> => {
    const bundle: unknown = await (await fetch(`${api}/events/${event}/bundle`)).json();
    return (bundle as { documents: { plan: { revision: number; body: { start: string } } } }).documents.plan;
  };
  const [own, first] = [await planOf(id), await planOf(FRIDAY)];
  const change = {
    document: id,
    base: own.revision,
    patch: [{ op: 'replace', path: '/start', value: first.body.start }],
  };
  const edit = { id: 'sametime01', label: 'Same time', author: 'Tester', changes: [change] };
  expect((await post('/edits', edit)).status).toBe(200);
  return id;
}

describe('a lead', () => {
  it('is pulled through another place with the pointer, moved by keys, and laid freely again', async () => {
    const page = await stage.open(`/events/${FRIDAY}/runs?lead=linkwide1`);
    const length = 'runs.runs.linkwide1.onFloor';
    await page.getByText('HDMI out of C1 WIDE → HDMI in 1 of SWITCHER').first().waitFor();
    const before = await metres(page, length);
    const line = page.locator('[data-lead="linkwide1"]');
    await line.waitFor();
    // Its middle, as it lies on the screen.
    const at = await line.evaluate(element => {
      const shape = element as SVGPolylineElement;
      const middle = shape.getPointAtLength(shape.getTotalLength() * 0.4);
      const { x, y } = middle.matrixTransform(shape.getScreenCTM() ?? undefined);
      return { x, y };
    });
    await page.mouse.move(at.x, at.y);
    await page.mouse.down();
    await page.mouse.move(at.x + 60, at.y, { steps: 6 });
    await page.mouse.up();
    await page.getByText(/^Pin 1 at/).waitFor();
    const pulled = await metres(page, length);
    expect(pulled).toBeGreaterThan(before + 0.3);
    await page.getByRole('button', { name: /^Pin 1 of the lead/ }).focus();
    await page.keyboard.press('Shift+ArrowRight');
    await expect.poll(() => metres(page, length)).toBeGreaterThan(pulled + 0.1);
    await page.keyboard.press('Delete');
    await page.getByText(/^Pin 1 at/).waitFor({ state: 'detached' });
    expect(await metres(page, length)).toBe(before);
    await saved(page);
  });

  it('is not to cross the aisle, and then goes under a ramp after all', async () => {
    const page = await stage.open(`/events/${await copyOf()}/runs`);
    // The desk rack across the aisle from the screen: moved by the keys.
    await page.getByRole('button', { name: /^DESK RACK, / }).focus();
    for (let i = 0; i < 6; i++) await page.keyboard.press('Shift+ArrowUp');
    for (let i = 0; i < 6; i++) await page.keyboard.press('Shift+ArrowRight');
    await choose(page, /HDMI out 2 of SWITCHER → HDMI in of AISLE SCREEN/);
    await page.getByText(/^Under a ramp over centre aisle/).waitFor();
    const path = 'runs.runs.linkscree.onFloor';
    const across = await metres(page, path);
    await page.getByRole('button', { name: 'Not across it' }).click();
    await page.getByText('Keeps away from centre aisle').waitFor();
    expect(await metres(page, path)).toBeGreaterThan(across);
    await page.getByRole('button', { name: 'Allow a ramp' }).click();
    await page.getByText(/^Under a ramp over centre aisle/).waitFor();
    expect(await metres(page, path)).toBe(across);
    await saved(page);
  });

  it('that is too long is solved by each of the ways that are offered', async () => {
    const page = await stage.open(`/events/${FRIDAY}/runs?lead=linkside1`);
    const out = page.getByRole('region', { name: 'Ways out' });
    await out.getByRole('button', { name: 'Ways out' }).click();
    await out.getByRole('listitem').first().waitFor();
    const texts = await out.getByRole('listitem').allInnerTexts();
    const carrying = texts.flatMap((text, i) => (text.includes('does not carry') ? [] : [i]));
    const sorts = texts.join('\n');
    expect(carrying.length).toBeGreaterThanOrEqual(5);
    for (const words of ['optical HDMI', 'Move the desk', 'HDMI to SDI, and back', 'Twisted-pair extender'])
      expect(sorts).toContain(words);
    for (const i of carrying) {
      await out.getByRole('listitem').nth(i).getByRole('button').click();
      // The stop of the too long lead is gone; what is to be bought stands as wanted.
      await expect
        .poll(async () => {
          await page.keyboard.press('s');
          const words = await page.getByRole('region', { name: 'Snags' }).innerText();
          await page.keyboard.press('s');
          return /longer than any rule allows/.test(words);
        })
        .toBe(false);
      await page.getByRole('heading', { name: /Across the floor/ }).click();
      await undo(page);
      await choose(page, /HDMI out of C3 SIDE → HDMI in 3 of SWITCHER/);
      await out.getByRole('button', { name: 'Ways out' }).click();
      await out.getByRole('listitem').first().waitFor();
    }
  });
});

describe('the stock', () => {
  it('is cut for all leads; a cable that is bad on site is out at once, and the rest is cut again', async () => {
    const page = await stage.open(`/events/${FRIDAY}/runs?lead=linkline1`);
    const cut = page.getByRole('region', { name: 'Cut from the stock' });
    await cut.getByRole('button', { name: 'Cut all from the stock' }).click();
    await cut.getByText('Nothing is better').waitFor();
    await cut.getByRole('button', { name: /^(Accept|Keep them so)$/ }).click();
    const cable = figure(page, 'runs.runs.linkline1.cable');
    await expect.poll(() => cable.innerText()).toContain('N30 01');
    await page.getByText('On site', { exact: true }).click();
    await page.getByRole('button', { name: 'This cable is bad' }).click();
    await expect.poll(() => cable.innerText()).toContain('N30 02');
    await page.keyboard.press('s');
    await page.getByText('N30 01 is not ready any more').first().waitFor();
    await page.keyboard.press('s');
    await cut.getByRole('button', { name: 'Cut all from the stock' }).click();
    await cut.getByRole('button', { name: /^(Accept|Keep them so)$/ }).click();
    await page.keyboard.press('s');
    await expect
      .poll(() => page.getByRole('region', { name: 'Snags' }).innerText())
      .not.toContain('is not ready any more');
    await saved(page);
  });

  it('comes as a pasted list, of which three faulty lines stay with their reasons', async () => {
    const page = await stage.open('/shelf');
    await page.getByRole('button', { name: 'Paste a list' }).click();
    const list = page.getByLabel('The list');
    await list.fill(
      [
        'what;code;how many',
        'Network cable, 20 m;N20;2',
        'Network lead, 20 m;N21;1',
        'Network cable, 50 m;H30 01;1',
        'Network cable, 50 m;N50;some',
        'Cable mat, 0.9 m;MATS;6',
      ].join('\n'),
    );
    const faults = page.getByRole('table', { name: 'Lines that cannot be read' });
    await faults.waitFor();
    expect(await faults.locator('tbody tr').allInnerTexts()).toEqual([
      expect.stringMatching(/^3\s+kind\s+no kind is called “Network lead, 20 m”\s*Network cable, 20 m/),
      expect.stringMatching(/^4\s+tape\s+H30 01 is on another item already/),
      expect.stringMatching(/^5\s+pieces\s+“some” is no whole number/),
    ]);
    await page.getByRole('button', { name: 'Put 3 on the shelf' }).click();
    await page.getByText('3 things are on the shelf.').last().waitFor();
    expect((await list.inputValue()).split('\n')).toHaveLength(4);
    await page.getByRole('button', { name: 'Close' }).click();
    await page.getByLabel('Find on the shelf').fill('N20');
    await page.getByRole('row', { name: /N20 02/ }).waitFor();
    expect(await page.getByRole('row', { name: /N20/ }).count()).toBe(2);
    // What was put there by mistake is taken back as a whole.
    await page.getByRole('button', { name: 'Take it back' }).click();
    await page.getByText('Nothing on the shelf is like that.').waitFor();
  });

  it('of one 30 m cable goes to the event that took it first', async () => {
    const page = await stage.open(`/events/${FRIDAY}/runs?lead=linkside1`);
    const cut = page.getByRole('region', { name: 'Cut from the stock' });
    await cut.getByRole('button', { name: 'Cut all from the stock' }).click();
    await cut.getByText('Nothing is better').waitFor();
    await cut.getByRole('button', { name: /^(Accept|Keep them so)$/ }).click();
    await expect.poll(() => figure(page, 'runs.runs.linkside1.cable').innerText()).toContain('H30 01');
    await saved(page);
    // The same evening once more, at the same hour.
    const id = await copyOf(true);
    const other = await stage.open(`/events/${id}/runs?lead=linkside1`);
    const again = other.getByRole('region', { name: 'Cut from the stock' });
    await again.waitFor();
    await other.keyboard.press('s');
    await other.getByRole('button', { name: /^And \d+ more .*is also taken by/ }).click();
    await other
      .getByText(/H30 01 for .* is also taken by “Friday/)
      .first()
      .waitFor();
    await other.keyboard.press('s');
    await again.getByRole('button', { name: 'Cut all from the stock' }).click();
    await again
      .getByText(/to buy or hire/)
      .first()
      .waitFor();
    await again.getByText('buy or hire HDMI, 30.00 m').waitFor();
    await again.getByRole('button', { name: /^(Accept|Keep them so)$/ }).click();
    await expect
      .poll(() => figure(other, 'runs.runs.linkside1.cable').innerText())
      .toContain('no owned cable');
    await saved(other);
  });
});

describe('labels', () => {
  it('are printed for both ends, and only what changed is printed again', async () => {
    const page = await stage.open(`/events/${FRIDAY}/runs?lead=linkside1`);
    const labels = page.getByRole('region', { name: 'Labels' });
    // Once the cables are accepted, one lead that changes takes none from another.
    const cut = page.getByRole('region', { name: 'Cut from the stock' });
    await cut.getByRole('button', { name: 'Cut all from the stock' }).click();
    await cut.getByRole('button', { name: /^(Accept|Keep them so)$/ }).click();
    await saved(page);
    const textOf = async (name: string): Promise<string> => {
      const { bytes } = await handedOver(page, () => labels.getByRole('link', { name }).click());
      const pdf = await getDocument({ data: new Uint8Array(bytes) }).promise;
      const words: string[] = [];
      for (let number = 1; number <= pdf.numPages; number++) {
        const { items } = await (await pdf.getPage(number)).getTextContent();
        words.push(...items.map(item => ('str' in item ? item.str : '')));
      }
      return words.join(' ');
    };
    const all = await textOf('All, PDF');
    expect(all).toContain('HDMI out of C3 SIDE');
    expect(all).toContain('to HDMI in 3 of SWITCHER');
    expect(all.match(/\bR10\b/g)).toHaveLength(4);
    await labels.getByRole('button', { name: 'They are printed' }).click();
    await labels.getByText('all as they were printed').waitFor();
    await page.getByText('On site', { exact: true }).click();
    await page.getByLabel('Make of cable').selectOption({ label: 'optical HDMI' });
    await labels.getByText('2 labels', { exact: false }).first().waitFor();
    const changed = await textOf('Only what changed, PDF');
    expect(changed).toContain('optical HDMI');
    expect(changed).not.toContain('C1 WIDE');
    await undo(page);
    await saved(page);
  });
});
