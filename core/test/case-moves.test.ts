/** Things moved by hand in their case: none in another, none beyond the walls, none in the air. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { assess } from '../src/assess.js';
import {
  casePicture,
  moveInCase,
  moveInVehicle,
  vehiclePicture,
  type CasePicture,
  type Nudge,
} from '../src/case-picture/index.js';
import { applyPatch } from '../src/foundations/index.js';
import type { Plan } from '../src/documents/index.js';
import { friday, set } from './stations/edited.js';

const CASE = 'casecam01';
const { pack } = assess(friday);
const kinds = friday.kinds.kinds;
const room = pack.rooms[CASE];
if (!room) throw new Error('the camera case has room');

const moveBy = (plan: Plan, line: string, nudge: Nudge): Plan | undefined => {
  const edit = moveInCase(CASE, room, plan.packed, kinds, line, nudge);
  return edit && applyPatch(plan, edit.patch);
};
const pictureOf = (plan: Plan): CasePicture => casePicture(room, plan.packed);
const NEAR = 1e-3 + 1e-9;

/** What is wrong with how things lie. */
function faultsOf({ things, width, depth, height }: CasePicture): string[] {
  return things.flatMap(({ line, at, sides }) => {
    const beyond = [width, depth, height].some(
      (most, i) => (at[i] ?? 0) < -NEAR || (at[i] ?? 0) + (sides[i] ?? 0) > most + NEAR,
    );
    const common = (other: (typeof things)[number], from: 0 | 2): boolean =>
      ([0, 1, 2] as const)
        .slice(0, from === 0 ? 3 : 2)
        .every(i => at[i] < other.at[i] + other.sides[i] - NEAR && other.at[i] < at[i] + sides[i] - NEAR);
    const within = things.some(other => other.line !== line && common(other, 0));
    const onSomething =
      at[2] <= NEAR + 0.016 ||
      things.some(
        other =>
          other.line !== line && common(other, 2) && Math.abs(other.at[2] + other.sides[2] - at[2]) <= 0.017,
      );
    return [
      ...(beyond ? [`${line} beyond`] : []),
      ...(within ? [`${line} within`] : []),
      ...(onSomething ? [] : [`${line} floats`]),
    ];
  });
}

describe('a thing in its case', () => {
  it('goes where it is moved, along its edges, and comes to lie on what is there', () => {
    const [plan, edit] = [friday.plan, { by: [0.06, 0.02] } as const];
    const after = moveBy(plan, 'feedstrip', edit);
    const at = Object.values(after?.packed ?? {}).find(({ line }) => line === 'feedstrip')?.at;
    expect(at?.x).not.toBe(0.015);
    expect(faultsOf(pictureOf(after ?? plan))).toEqual([]);
  });

  it('stops at the walls, and does not move where there is no room', () => {
    const far = moveBy(friday.plan, 'feedstrip', { by: [-9, -9] });
    const at = Object.values((far ?? friday.plan).packed ?? {}).find(({ line }) => line === 'feedstrip')?.at;
    expect([at?.x, at?.y]).toEqual([0, 0]);
    expect(moveBy(friday.plan, 'nothinghere', { by: [0.1, 0] })).toBeUndefined();
    // Loose in the case: it is not drawn.
    const loose = applyPatch(friday.plan, [set('/packed', { one: { line: 'feedstrip', in: CASE } })]);
    expect(moveInCase(CASE, room, loose.packed, kinds, 'feedstrip', 'turn')).toBeUndefined();
  });

  it('never lies in another, beyond the case or in the air, whatever is done', () => {
    const lines = pictureOf(friday.plan).things.map(({ line }) => line);
    const nudge: fc.Arbitrary<Nudge> = fc.oneof(
      fc.constant('turn' as const),
      fc
        .tuple(
          fc.double({ min: -0.4, max: 0.4, noNaN: true }),
          fc.double({ min: -0.4, max: 0.4, noNaN: true }),
        )
        .map(by => ({ by })),
    );
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.constantFrom(...lines), nudge), { minLength: 1, maxLength: 8 }),
        steps => {
          const plan = steps.reduce((now, [line, each]) => moveBy(now, line, each) ?? now, friday.plan);
          expect(faultsOf(pictureOf(plan))).toEqual([]);
        },
      ),
      { numRuns: 150 },
    );
  });

  it('in a vehicle goes towards the door where the picture has that, and not into an arch', () => {
    const [car] = Object.values(pack.vehicles);
    if (!car) throw new Error('there is a car');
    const before = vehiclePicture(car).things.find(({ line }) => line === 'casecam01');
    const edit = moveInVehicle('carodile1', car, friday.plan.packed, kinds, 'casecam01', { by: [0, -9] });
    const plan = applyPatch(friday.plan, edit?.patch ?? []);
    const own = assess({ ...friday, plan }).pack.vehicles.carodile1;
    const after = own && vehiclePicture(own).things.find(({ line }) => line === 'casecam01');
    expect([before?.at[1], after?.at[1]].map(each => Math.round(1000 * (each ?? 1)) + 0)).toEqual([30, 0]);
    const { built } = vehiclePicture(car);
    expect(built).toHaveLength(2);
    for (const { at, sides } of built)
      expect(
        [0, 1, 2].every(
          i =>
            (after?.at[i] ?? 0) < (at[i] ?? 0) + (sides[i] ?? 0) - NEAR &&
            (at[i] ?? 0) < (after?.at[i] ?? 0) + (after?.sides[i] ?? 0) - NEAR,
        ),
      ).toBe(false);
  });
});
