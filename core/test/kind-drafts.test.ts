/** Kinds as a form edits them: nothing is lost on the way there and back, and the library is sound. */
import { describe, expect, it } from 'vitest';
import { faultsOf, Kind, Kinds, Port, type DocumentClass } from '../src/documents/index.js';
import { allFields } from './documents/fields.js';
import {
  draftOf,
  faultsOfDraft,
  KIND_FORM,
  kindFrom,
  PORT_FORM,
  summaryOf,
  type FormField,
  type KindDraft,
} from '../src/kind-drafts/index.js';
import { libraryKinds } from '../src/library/index.js';

const all = Object.entries(libraryKinds);

describe('the library', () => {
  it('is valid, and has about seventy kinds of device with ports or more', () => {
    expect(faultsOf(Kinds, { version: 1, kinds: libraryKinds })).toEqual([]);
    expect(
      all.filter(([, { ports }]) => ports && Object.keys(ports).length > 0).length,
    ).toBeGreaterThanOrEqual(70);
  });

  it('says what every output of a switcher gives, and loops only inputs that are there', () => {
    for (const [, { family, ports = {}, label }] of all) {
      for (const port of Object.values(ports)) {
        if (family === 'switcher' && port.carries === 'video' && port.direction === 'out')
          expect([label, port.gives?.length]).not.toEqual([label, 0]);
        if (port.loops !== undefined) expect(ports[port.loops]?.direction).toBe('in');
      }
    }
  });
});

describe('the form', () => {
  it('has every field of a kind and of its ports, and of every record within them, but for their order', () => {
    const missing = (type: DocumentClass, form: readonly FormField[]): string[] =>
      allFields(type).flatMap(({ name, nested }) => {
        const field = form.find(each => each.name === name);
        if (!field) return [name];
        return nested ? missing(nested.of(), field.of).map(each => `${name}.${each}`) : [];
      });
    expect(missing(Kind, KIND_FORM)).toEqual(['ports.order']);
    expect(missing(Port, PORT_FORM)).toEqual(['order']);
  });

  it('knows the bounds and the choices that validation has', () => {
    const field = (form: readonly FormField[], name: string) => form.find(each => each.name === name);
    expect(field(KIND_FORM, 'weight')).toMatchObject({ input: 'number', unit: 'kg', min: 0, max: 500 });
    expect(field(KIND_FORM, 'label')).toMatchObject({ input: 'text', min: 1, max: 80, optional: false });
    expect(field(PORT_FORM, 'direction')?.choices).toEqual(['in', 'out', 'both']);
    const optics = field(KIND_FORM, 'optics')?.of ?? [];
    expect(field(optics, 'pixels')).toMatchObject({ input: 'whole', min: 320, max: 16384, optional: false });
  });

  it('asks at once for all else that kinds of the library have', () => {
    // Whatever a library kind says and its family does not let one expect is offered, not asked for.
    const offered = new Set(
      all.flatMap(([, kind]) =>
        KIND_FORM.filter(({ name, usual }) => name in kind && !usual(kind)).map(({ name }) => name),
      ),
    );
    expect([...offered].sort()).toEqual(OFFERED);
  });
});

/** What kinds of the library have though their family does not let one expect it. */
const OFFERED: readonly string[] = [
  ...[
    'air',
    'charger',
    'does',
    'encodes',
    'inner',
    'optics',
    'pictureDelay',
    'power',
    'rack',
    'recording',
    'screenWidth',
  ],
  ...['soundDelay', 'strips', 'travel'],
];

describe('a draft', () => {
  it.each(all)('of %s gives the kind again, and nothing is wrong with it', (_, kind) => {
    const draft = draftOf(kind);
    expect(kindFrom(draft)).toEqual(kind);
    expect(faultsOfDraft(draft)).toEqual({});
  });

  const box: KindDraft = { label: ' Box ', family: 'converter', ports: [] };

  it('leaves out what is blank, and keeps the order of its ports', () => {
    const made = kindFrom({
      ...box,
      weight: undefined as never,
      power: { running: undefined as never },
      inner: { wattHours: 12, topsUp: false },
      does: [],
      ports: [
        { id: 'portsecond', label: 'in 2', direction: 'in', connector: 'BNC', carries: 'video', group: ' ' },
        {
          id: 'portfirst1',
          label: 'in 1',
          direction: 'in',
          connector: 'BNC',
          carries: 'video',
          scaled: true,
        },
      ],
    });
    expect(made).toEqual({
      label: 'Box',
      family: 'converter',
      inner: { wattHours: 12 },
      ports: {
        portsecond: { order: '001h', label: 'in 2', direction: 'in', connector: 'BNC', carries: 'video' },
        portfirst1: {
          ...{ order: '002h', label: 'in 1', direction: 'in', connector: 'BNC', carries: 'video' },
          scaled: true,
        },
      },
    });
  });

  it('of a switcher mixes one programme unless it says how many', () => {
    expect(kindFrom({ ...box, family: 'switcher' }).inside).toEqual({ mixes: 1 });
    const two = { ...box, family: 'switcher', inside: { mixes: 2, keyers: 1 } } as const;
    expect(kindFrom(two).inside).toEqual({ mixes: 2, keyers: 1 });
  });

  it('says what is wrong at the field that is wrong', () => {
    const port = { id: 'porttwo001', direction: 'in', connector: 'BNC', carries: 'video' } as const;
    const faults = faultsOfDraft({
      ...box,
      label: ' ',
      weight: 501,
      optics: { sensorWidth: 5, sensorHeight: 3, focalMin: 50, focalMax: 20, pixels: 1920 },
      ports: [
        { ...port, id: 'portone001', label: 'in 1' },
        { ...port, label: 'in 1', volts: { low: 24, high: 12 } },
        { ...port, id: 'portthree1', label: '' },
        { ...port, id: 'portfour01', direction: 'out', label: 'loop', loops: 'portfour01' },
      ],
    });
    expect(faults).toEqual({
      label: 'must be text of 1 to 80 characters without NUL or broken characters',
      weight: 'must be a number from 0 to 500',
      'optics.focalMax': 'is shorter than the shortest',
      'ports.1.label': 'another port is called that',
      'ports.1.volts.high': 'is less than the least',
      'ports.2.label': 'say it',
      'ports.3.loops': 'hands on what is no input of it',
    });
  });

  it('tells in one line what a port says besides', () => {
    const port = { scaled: true, formats: ['1080p25', '1080p50'], volts: { low: 12, high: 12 }, watts: 4.5 };
    expect(summaryOf(PORT_FORM, port, 'metric')).toBe(
      'Scaler · Sizes and rates 1080p25, 1080p50 · Volts: Least 12 V · Most 12 V · Takes or gives at most 4.5 W',
    );
    expect(summaryOf(PORT_FORM, { ownLead: 1.524 }, 'imperial')).toBe('Lead of its own 5′ 0″');
    expect(summaryOf(PORT_FORM, {}, 'metric')).toBe('');
  });
});
