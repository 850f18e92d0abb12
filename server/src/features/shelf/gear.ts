/** Gear that goes to another house as a file, and gear that comes from one. */
import { counted, newId } from '@idle-satchel/core';
import type { GearTaken } from '@idle-satchel/core/api';
import { readGearFile, writeGearFile, type Item, type Kinds, type Rules } from '@idle-satchel/core/documents';
import type { Scope } from '../../database/scope.js';
import { invalid } from '../../problem.js';
import { FileAnswer, heavyRoute, type Route } from '../../route.js';
import { addKinds, kindsNewTo } from '../events/new-kinds.js';
import { only } from '../events/service.js';
import { putItems, signedBy } from './changes.js';
import { wantedItems } from './lists.js';

const AS = ['borrowed', 'ours'] as const;

/** Puts the things of a file on the shelf, those whose tape code is free. */
async function takeGear(
  inside: Scope,
  file: string,
  { as, dry }: { readonly as: (typeof AS)[number]; readonly dry: boolean },
): Promise<GearTaken> {
  const read = readGearFile(file);
  if (!('gear' in read)) throw invalid(read.faults);
  const { organisation, kinds, items } = read.gear;
  const known = (await only(inside, 'kinds')).body as Kinds;
  const fresh = kindsNewTo(known, kinds, '/kinds');
  const taken = new Set((await inside.items()).map(({ tape }) => tape));
  const free = Object.entries(items).filter(([, { tape }]) => !taken.has(tape));
  const told = {
    ...{ items: free.length, kinds: Object.keys(fresh).length, organisation },
    there: Object.values(items).flatMap(({ tape }) => (taken.has(tape) ? [{ tape }] : [])),
  };
  if (dry) return { ...told, change: null };
  await addKinds(inside, fresh, `Kinds of ${organisation}`, 'import');
  if (free.length === 0) return { ...told, change: null };
  // Every thing gets an id of this house; what goes with another goes with that here.
  const ids = new Map(free.map(([id]) => [id, newId()]));
  const things = free.map(([, { goesWith, ...item }]): Item => {
    const partner = ids.get(goesWith ?? '');
    return {
      ...item,
      ...(partner !== undefined && { goesWith: partner }),
      ...(as === 'borrowed' && { owner: { how: 'borrowed', who: organisation } }),
    };
  });
  const words = `${counted(things.length, 'thing', 'things')} of ${organisation}`.slice(0, 120);
  const { change } = await putItems(inside, things, signedBy({}, words), [...ids.values()]);
  return { ...told, change };
}

export const gearRoutes: readonly Route[] = [
  heavyRoute('GET /shelf/gear', async asked => {
    const { kinds } = (await only(asked.scope, 'kinds')).body as Kinds;
    const { organisation } = (await only(asked.scope, 'rules')).body as Rules;
    const rows = await wantedItems(asked);
    const wanted = new Set(rows.map(({ body }) => body.kind));
    const all = asked.text('ids') === undefined;
    const file = writeGearFile({
      organisation,
      kinds: Object.fromEntries(Object.entries(kinds).filter(([id]) => all || wanted.has(id))),
      items: Object.fromEntries(
        rows.map(({ id, body: { goesWith, ...item } }) => [
          id,
          // What it goes with may stay at home.
          { ...item, ...(goesWith !== undefined && rows.some(row => row.id === goesWith) && { goesWith }) },
        ]),
      ),
    });
    return new FileAnswer(file, 'application/json', 'gear.satchel.json');
  }),
  heavyRoute('POST /shelf/gear', ({ scope, body, choice }) =>
    scope.atomically(inside =>
      takeGear(inside, typeof body === 'string' ? body : '', {
        as: choice('as', AS, 'borrowed'),
        dry: choice('dry', ['yes', 'no'], 'no') === 'yes',
      }),
    ),
  ),
];
