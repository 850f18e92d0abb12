/** “Share out the load” of a plan: what its ways come to once they are applied, and why there may be none. */
import { describe, expect, it } from 'vitest';
import { assess } from '../../src/assess.js';
import type { Bundle } from '../../src/documents/index.js';
import { applyFix } from '../../src/fixes.js';
import { inOrder, numberOf, type Figure } from '../../src/foundations/index.js';
import { shareOut } from '../../src/searches/index.js';
import { saturday } from '../events.js';
import { friday } from '../stations/edited.js';
import { foundBy } from './solver.js';

/** Friday with other breakers, A. */
const withBreakers = (amps: Readonly<Record<string, number>>): Bundle => {
  const circuits = Object.fromEntries(
    inOrder(friday.venue.circuits).map(([id, each]) => [id, { ...each, amps: amps[id] ?? each.amps }]),
  );
  return { ...friday, venue: { ...friday.venue, circuits } };
};

const powerSnags = (bundle: Bundle): string[] =>
  assess(bundle)
    .snags.filter(({ station, severity }) => station === 'power' && severity === 'stop')
    .map(({ id }) => id);

describe('sharing out the load', () => {
  it.each([
    ['Friday', friday],
    ['Saturday', saturday],
  ])(
    'of %s: every way keeps all limits once it is applied, and plugs nothing in twice',
    async (_, bundle) => {
      const { answer, offers } = await foundBy(shareOut, bundle, {});
      expect(answer.ways.map(({ aim }) => aim)).toContain('fewest changes');
      const before = powerSnags(bundle);
      for (const offer of offers) {
        const after = applyFix(bundle, offer);
        expect(powerSnags(after).filter(id => !before.includes(id))).toEqual([]);
        const { circuits, strips, sockets } = assess(after).power;
        for (const all of [circuits, strips, sockets] as Readonly<
          Record<string, { readonly share: Figure }>
        >[])
          for (const { share } of Object.values(all)) expect(numberOf(share)).toBeLessThanOrEqual(100);
        const outlets = inOrder(after.plan.links).flatMap(([, { from }]) =>
          from.port === undefined ? [] : `${from.device ?? ''} ${from.port}`,
        );
        const powered = outlets.filter(end => end.includes('outlet'));
        expect(new Set(powered).size).toBe(powered.length);
        for (const [id, { outlets: most }] of inOrder(after.venue.sockets))
          expect(
            inOrder(after.plan.links).filter(([, { from }]) => from.socket === id).length,
          ).toBeLessThanOrEqual(most);
      }
    },
  );

  it('moves what passes the limit of a circuit, and as little as that takes', async () => {
    // Of 11 A the urn (10.435 A) leaves 0.565 A, and 0.645 A of ours lasts three hours: it counts as 0.806 A.
    const tight = withBreakers({ circvestr: 11 });
    expect(assess(tight).power.circuits.circvestr?.left.value).toBeLessThan(0);
    const { answer, offers } = await foundBy(shareOut, tight, {});
    expect(answer.passed).toContain('Circuit 3, vestry counts 0.8 A of ours, 0.2 A too much');
    const [fewest] = answer.ways;
    expect(fewest?.moves).toHaveLength(1);
    const [offer] = offers;
    const after = offer && assess(applyFix(tight, offer));
    expect(after?.power.circuits.circvestr?.left.value).toBeGreaterThanOrEqual(0);
  });

  it('says why nothing fits, and what would have to give way', async () => {
    const none = withBreakers({ circnorth: 5, circsouth: 1, circvestr: 11 });
    const { answer, offers } = await foundBy(shareOut, none, {});
    expect([answer.ways, offers]).toEqual([[], []]);
    expect(answer.conflict?.proven).toBe(true);
    expect(answer.conflict?.rules.length).toBeGreaterThan(1);
    expect(answer.conflict?.relaxed.map(({ unit }) => unit)).toContain('A');
  });
});
