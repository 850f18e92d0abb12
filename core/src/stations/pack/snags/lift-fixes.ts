/** What one can do with a case that is too heavy: more people, wheels, or some of it in another case. */
import { fix, inPlan } from '../../../edits.js';
import { numberOf, type Finding, type Fix } from '../../../foundations/index.js';
import { packedInto } from '../../../packed-into.js';
import { fewestFor, MOST_PEOPLE } from '../lifting/teams.js';
import type { PackSeen } from '../result.js';

export function* liftFixes(
  { subjects: [id = ''] }: Pick<Finding, 'subjects'>,
  seen: PackSeen,
): Iterable<Fix> {
  yield* morePeople(id, seen);
  yield* onWheels(id, seen);
  yield* split(id, seen);
}

function* morePeople(id: string, { own }: PackSeen): Iterable<Fix> {
  const { by, people } = own.cases[id] ?? {};
  const fewest = numberOf(people) ?? 2;
  for (let count = Math.max((by ?? 1) + 1, fewest); count <= MOST_PEOPLE; count++)
    yield fix(
      `${count === 2 ? 'Two' : 'Three'} people lift it`,
      inPlan().put('devices', id, 'lifters', count),
      'people',
    );
}

/** On its own wheels, or in the smallest case on wheels that has its room. */
function* onWheels(id: string, { own, devices, kinds }: PackSeen): Iterable<Fix> {
  if (own.cases[id]?.wheels === true) {
    const edit = inPlan().put('devices', id, 'lifters', 0);
    if (devices?.[id]?.liftedBy) edit.drop('devices', id, 'liftedBy');
    if (own.cases[id].by !== 0) yield fix('It goes on its wheels and over ramps: nobody lifts it', edit);
    return;
  }
  const hold = kinds.kinds[devices?.[id]?.kind ?? '']?.hold;
  if (!hold) return;
  const [found] = Object.entries(kinds.kinds)
    .filter(([, { carry, hold: other }]) => carry?.wheels === true && other && asRoomyAs(other, hold))
    .toSorted(([, a], [, b]) => roomIn(a.hold) - roomIn(b.hold));
  if (!found) return;
  const edit = inPlan().put('devices', id, 'kind', found[0]);
  if (devices?.[id]?.item !== undefined) edit.drop('devices', id, 'item');
  yield fix(`A case on wheels in its place: ${found[1].label}`, edit);
}

type Room = Readonly<Record<'width' | 'depth' | 'height' | 'load', number>>;
const asRoomyAs = (a: Room, b: Room): boolean =>
  a.width >= b.width && a.depth >= b.depth && a.height >= b.height && a.load >= b.load;
const roomIn = (hold: Room | undefined): number => (hold ? hold.width * hold.depth * hold.height : Infinity);

/** The fewest things, the heaviest first, that leave as much as those who lift it may, put into another case. */
function* split(id: string, { own, devices, kinds, packed }: PackSeen): Iterable<Fix> {
  const { weight, by = 1, label } = own.cases[id] ?? {};
  const inside = Object.entries(own.lines)
    .filter(([line]) => own.travels[line]?.[0] === id && own.cases[line] === undefined)
    .flatMap(([line, { kind = '', count, label: what }]) => {
      const kg = (kinds.kinds[kind]?.weight ?? 0) * count;
      return kg > 0 ? [{ line, kg, what }] : [];
    })
    .toSorted((a, b) => b.kg - a.kg);
  let left = numberOf(weight) ?? 0;
  const out: (typeof inside)[number][] = [];
  for (const each of inside) {
    if ((fewestFor(left) ?? Infinity) <= Math.max(by, 1)) break;
    out.push(each);
    left -= each.kg;
  }
  if (out.length === 0 || out.length === inside.length) return;
  const others = Object.keys(own.rooms).filter(other => other !== id && devices?.[other]?.only === undefined);
  for (const to of others)
    yield fix(
      `${out.length === 1 ? `${out[0]?.what}` : `${out.length} heavy things`} out of ${label ?? id} into ${devices?.[to]?.label ?? to}`,
      packedInto(
        packed,
        out.map(({ line }) => ({ line, in: to })),
      ),
      'split',
    );
}
