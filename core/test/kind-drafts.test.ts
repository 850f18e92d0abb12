/** Kinds as a form edits them: nothing is lost on the way there and back, and the library is sound. */
import { describe, expect, it } from 'vitest';
import { faultsOf, Kinds, type Kind } from '../src/documents/index.js';
import { draftOf, EMPTY_CABLE, EMPTY_PORT, kindFrom } from '../src/kind-drafts/index.js';
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

describe('a draft', () => {
  it.each(all)('of %s gives the kind again', (_, kind) => {
    const again = kindFrom(draftOf(kind), kind);
    expect(again).toEqual(kind);
  });

  it('keeps ports where they are moved, drops those taken out, and gives new ones an id of their own', () => {
    const kind: Kind = libraryKinds.scalerhdm ?? { label: '', family: 'tool' };
    const draft = draftOf(kind);
    const [first, second] = draft.ports;
    if (!first || !second) throw new Error('no ports');
    const next = kindFrom(
      {
        ...draft,
        ports: [
          second,
          { ...EMPTY_PORT, label: 'USB', connector: 'USB-C', carries: 'data' },
          { ...EMPTY_PORT, label: 'USB', connector: 'USB-C', carries: 'data' },
        ],
      },
      kind,
    );
    expect(Object.keys(next.ports ?? {})).toHaveLength(3);
    expect(next.ports?.hdmiout01?.order).toBe('001h');
    expect(next.ports).not.toHaveProperty('hdmiin001');
    expect(faultsOf(Kinds, { version: 1, kinds: { newkind01: next } })).toEqual([]);
  });

  it('of nothing becomes a kind that is valid', () => {
    const made = kindFrom(
      {
        label: ' Box ',
        family: 'switcher',
        weight: 0.4,
        watts: 7,
        width: 0.2,
        depth: undefined,
        height: 0.1,
        price: 30,
        innerWattHours: 12,
        topsUp: true,
        storage: undefined,
        does: ['plays'],
        cable: EMPTY_CABLE,
        ports: [
          { ...EMPTY_PORT, label: 'in' },
          // One end of a range is the whole of it; what goes along a lead is no matter of an inlet.
          { ...EMPTY_PORT, label: '12 V', carries: 'power', voltsHigh: 12, poweredBy: ['USB'] },
        ],
        inside: { mixes: 1, keyers: 2 },
      },
      undefined,
    );
    expect(made).toMatchObject({ label: 'Box', power: { running: 7 }, inside: { mixes: 1, keyers: 2 } });
    expect(made.size).toEqual({ width: 0.2, height: 0.1 });
    expect(made.inner).toEqual({ wattHours: 12, topsUp: true });
    expect(Object.values(made.ports ?? {})[1]).toMatchObject({ volts: { low: 12, high: 12 } });
    expect(Object.values(made.ports ?? {})[1]).not.toHaveProperty('poweredBy');
    expect(made).not.toHaveProperty('cable');
    expect(made.does).toEqual(['plays']);
    expect(faultsOf(Kinds, { version: 1, kinds: { newkind01: made } })).toEqual([]);
  });
});
