/** Gear of ways of working that the library does not know, described by the kind editor alone, and what is kept of it. */
import { afterAll, afterEach, beforeAll, describe, expect, it } from 'vitest';
import type { Locator } from 'playwright-core';
import { setStage, type Page, type Stage } from './helper.js';

let stage: Stage;
beforeAll(async () => (stage = await setStage()));
afterEach(() => stage.clear());
afterAll(() => stage.close());

interface DescribedPort {
  readonly name: string;
  readonly way: 'in' | 'out' | 'both';
  readonly connector: string;
  readonly carries: string;
  /** So many alike, counted on; absent = one. */
  readonly pieces?: number;
  /** Fields that are typed, and what is ticked, with the name of its choices where it is one of several. */
  readonly typed?: Readonly<Record<string, string>>;
  readonly ticked?: readonly string[];
}

interface Described {
  readonly label: string;
  readonly family: string;
  /** What it does not say by itself and one can say of it. */
  readonly more?: readonly string[];
  readonly typed?: Readonly<Record<string, string>>;
  readonly chosen?: Readonly<Record<string, string>>;
  readonly ports?: readonly DescribedPort[];
  /** What must be kept, ports by their names. */
  readonly kept: Readonly<Record<string, unknown>>;
  readonly keptPorts?: Readonly<Record<string, object>>;
}

const GEAR: readonly Described[] = [
  {
    label: 'Network switch, rack 1U, 16 ports, PoE, ten brought out',
    family: 'network switch',
    more: ['Space in a rack'],
    typed: { 'Takes while it works': '28', Takes: '1', 'Deep, behind its ears': '0.25', Weight: '2.6' },
    ports: [
      {
        name: 'port 1',
        way: 'both',
        connector: 'RJ45',
        carries: 'network',
        pieces: 10,
        ticked: ['Feeds along it: PoE at'],
      },
      {
        name: 'mains in',
        way: 'in',
        connector: 'mains',
        carries: 'power',
        typed: { Least: '100', Most: '240' },
      },
    ],
    kept: { family: 'network switch', power: { running: 28 }, rack: { units: 1, depth: 0.25 }, weight: 2.6 },
    keptPorts: {
      'port 1': { direction: 'both', powers: ['PoE at'] },
      'port 10': { connector: 'RJ45', carries: 'network', powers: ['PoE at'] },
      'mains in': { volts: { low: 100, high: 240 } },
    },
  },
  {
    label: 'Router, two lines, with a modem',
    family: 'router',
    ports: [
      { name: 'line 1', way: 'in', connector: 'RJ45', carries: 'network', pieces: 2 },
      {
        name: 'modem',
        way: 'in',
        connector: 'air',
        carries: 'network',
        ticked: ['A modem on the mobile network'],
      },
      { name: 'network 1', way: 'out', connector: 'RJ45', carries: 'network', pieces: 3 },
    ],
    kept: { family: 'router' },
    keptPorts: { 'line 2': { direction: 'in' }, modem: { mobile: true }, 'network 3': { direction: 'out' } },
  },
  {
    label: 'Step-up converter, 12 V to 19 V',
    family: 'supply',
    ports: [
      {
        ...{ name: '12 V in', way: 'in', connector: 'DC barrel', carries: 'power' },
        typed: { Least: '10', Most: '15', 'Takes or gives at most': '70' },
      },
      {
        ...{ name: '19 V out', way: 'out', connector: 'DC barrel', carries: 'power' },
        typed: { Least: '19', Most: '19', 'Takes or gives at most': '65' },
      },
    ],
    kept: { family: 'supply' },
    keptPorts: {
      '12 V in': { direction: 'in', volts: { low: 10, high: 15 }, watts: 70 },
      '19 V out': { direction: 'out', volts: { low: 19, high: 19 }, watts: 65 },
    },
  },
  {
    label: 'Lighter plug with four USB outlets',
    family: 'supply',
    ports: [
      {
        ...{ name: 'lighter plug', way: 'in', connector: 'vehicle lighter', carries: 'power' },
        typed: { Least: '12', Most: '24' },
      },
      {
        ...{ name: 'USB 1', way: 'out', connector: 'USB-A', carries: 'power', pieces: 4 },
        typed: { Least: '5', Most: '5', 'Takes or gives at most': '12' },
      },
    ],
    kept: { family: 'supply' },
    keptPorts: { 'lighter plug': { volts: { low: 12, high: 24 } }, 'USB 4': { watts: 12 } },
  },
  {
    label: 'Bridge between radio and wired talkback',
    family: 'talkback',
    ports: [
      { name: 'radio', way: 'both', connector: 'air', carries: 'talkback' },
      { name: 'wire', way: 'both', connector: 'XLR', carries: 'talkback' },
    ],
    kept: { family: 'talkback' },
    keptPorts: { radio: { carries: 'talkback' }, wire: { connector: 'XLR' } },
  },
  {
    label: 'Crane, 5 m, fluid head',
    family: 'support',
    typed: { 'Lowest lens': '0.4', 'Highest lens': '5', 'Carries at most': '18', Weight: '94' },
    chosen: { Head: 'fluid' },
    kept: { family: 'support', support: { low: 0.4, high: 5, load: 18, head: 'fluid' }, weight: 94 },
  },
  {
    label: 'Music by short radio, receiving end',
    family: 'wireless link',
    ports: [
      { name: 'radio', way: 'in', connector: 'air', carries: 'audio' },
      { name: 'line out', way: 'out', connector: 'TRS 3.5', carries: 'audio' },
    ],
    kept: { family: 'wireless link' },
    keptPorts: { 'line out': { connector: 'TRS 3.5' } },
  },
  {
    label: 'Button deck, 15 keys',
    family: 'control',
    ports: [
      {
        name: 'USB',
        way: 'both',
        connector: 'USB-A',
        carries: 'control',
        ticked: ['Is fed along it by: USB'],
      },
    ],
    kept: { family: 'control' },
    keptPorts: { USB: { poweredBy: ['USB'] } },
  },
  {
    label: 'Drawer, rack 2U, latched',
    family: 'tool',
    more: ['Space in a rack'],
    typed: { Takes: '2', 'Deep, behind its ears': '0.35', Weight: '3.4' },
    kept: { family: 'tool', rack: { units: 2, depth: 0.35 }, weight: 3.4 },
  },
  {
    label: 'Sound recorder, a USB interface as well',
    family: 'audio interface',
    more: ['Battery inside, charged before'],
    typed: { Holds: '7' },
    ports: [
      { name: 'line in', way: 'in', connector: 'TRS 3.5', carries: 'audio' },
      { name: 'USB', way: 'out', connector: 'USB-C', carries: 'audio', ticked: ['Is fed along it by: USB'] },
    ],
    kept: { family: 'audio interface', inner: { wattHours: 7 } },
    keptPorts: { USB: { direction: 'out', poweredBy: ['USB'] } },
  },
  {
    label: 'Trunk end, ten pictures on two fibres',
    family: 'extender',
    ports: [
      { name: 'SDI in 1', way: 'in', connector: 'BNC', carries: 'video', pieces: 10 },
      { name: 'fibres', way: 'out', connector: 'fibre LC', carries: 'video' },
    ],
    kept: { family: 'extender' },
    keptPorts: { 'SDI in 10': { connector: 'BNC' }, fibres: { connector: 'fibre LC' } },
  },
  {
    label: 'Hard case, 6U, with a lid screen',
    family: 'rack case',
    typed: { Gives: '6', 'Usable depth': '0.4', 'Carries at most': '30', Weight: '12' },
    kept: { family: 'rack case', rackCase: { units: 6, depth: 0.4, load: 30 }, weight: 12 },
  },
  {
    label: 'Panel, rack 1U, eight numbered network sockets',
    family: 'patch bay',
    more: ['Space in a rack'],
    typed: { Takes: '1', 'Deep, behind its ears': '0.05' },
    ports: [
      { name: 'rear 1', way: 'in', connector: 'RJ45', carries: 'network', pieces: 8 },
      { name: 'front 1', way: 'out', connector: 'RJ45', carries: 'network', pieces: 8 },
    ],
    kept: { family: 'patch bay', rack: { units: 1, depth: 0.05 } },
    keptPorts: { 'rear 8': { direction: 'in' }, 'front 8': { direction: 'out' } },
  },
];

/** Types into fields of a part of the page by their labels; each is kept when it is left. */
async function type(part: Page | Locator, fields: Readonly<Record<string, string>> = {}): Promise<void> {
  for (const [label, text] of Object.entries(fields)) {
    const field = part.getByLabel(label, { exact: true });
    await field.fill(text);
    await field.blur();
  }
}

async function describePort(page: Page, index: number, port: DescribedPort): Promise<void> {
  const { name, way, connector, carries, pieces = 1, typed = {}, ticked = [] } = port;
  await page.getByRole('button', { name: 'Add a port' }).click();
  await page.getByLabel(`Name of port ${index}`).fill(name);
  await page.getByLabel(`Way of ${name}`, { exact: true }).selectOption(way);
  await page.getByLabel(`Connector of ${name}`, { exact: true }).selectOption(connector);
  await page.getByLabel(`Carries of ${name}`, { exact: true }).selectOption(carries);
  if (Object.keys(typed).length + ticked.length > 0) {
    await page.getByRole('button', { name: `More about ${name}`, exact: true }).click();
    const below = page.getByRole('group', { name, exact: true });
    const all = below.getByRole('button', { name: 'All that can be said of a port' });
    if (await all.isVisible()) await all.click();
    await type(below, typed);
    for (const words of ticked) {
      const [choices = '', choice] = words.split(': ');
      const box = choice
        ? below.getByRole('group', { name: choices }).getByLabel(choice, { exact: true })
        : below.getByLabel(choices, { exact: true });
      await box.check();
    }
    await page.getByRole('button', { name: `More about ${name}`, exact: true }).click();
  }
  for (let i = 1; i < pieces; i++) {
    const before = name.replace(/\d+$/, digits => String(Number(digits) + i - 1));
    await page.getByRole('button', { name: `One more like ${before}`, exact: true }).click();
  }
}

describe('gear that the library does not know', () => {
  it.each(GEAR.map(each => [each.label, each] as const))(
    '%s is described by the editor alone',
    async (_, gear) => {
      const page = await stage.open('/shelf/kinds');
      await page.getByRole('button', { name: 'New kind' }).click();
      await page.getByLabel('What it is').fill(gear.label);
      await page.getByRole('form', { name: 'Kind' }).getByLabel('Family').selectOption(gear.family);
      for (const words of gear.more ?? []) {
        const more = page.getByLabel('Say more of it');
        if ((await more.getByRole('option', { name: words, exact: true }).count()) > 0)
          await more.selectOption({ label: words });
      }
      await type(page, gear.typed);
      for (const [label, choice] of Object.entries(gear.chosen ?? {}))
        await page.getByRole('combobox', { name: label }).selectOption(choice);
      let index = 1;
      for (const port of gear.ports ?? []) {
        await describePort(page, index, port);
        index += port.pieces ?? 1;
      }
      await page.getByRole('button', { name: 'Save the kind' }).click();
      await page.getByText(`“${gear.label}” is saved.`).waitFor();

      const answer = await page.request.get(new URL('/api/v1/items', page.url()).href);
      const { kinds } = (await answer.json()) as {
        kinds: { kinds: Record<string, { label: string; ports?: Record<string, { label: string }> }> };
      };
      const kept = Object.values(kinds.kinds).find(({ label }) => label === gear.label);
      expect(kept).toMatchObject(gear.kept);
      const ports = Object.values(kept?.ports ?? {});
      expect(ports).toHaveLength(index - 1);
      for (const [name, fields] of Object.entries(gear.keptPorts ?? {}))
        expect(ports.find(({ label }) => label === name)).toMatchObject(fields);
    },
  );
});
