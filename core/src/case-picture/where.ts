/** Where a thing is packed: its case, its layer, what lies on it. */
import type { Plan } from '../documents/index.js';
import type { PackResult } from '../stations/pack/index.js';
import { casePicture } from './picture.js';

export interface WherePacked {
  readonly line: string;
  readonly label: string;
  readonly purpose: string;
  readonly tape: string | undefined;
  /** `CABLE CRATE, layer 2 of 4, under 3 things`; `in no case`. */
  readonly where: string;
}

/** Lines of the checklist that a text is found in – label, what for, tape code –, each with where it is. */
export function wherePacked(text: string, pack: PackResult, plan: Plan): WherePacked[] {
  const wanted = text.trim().toLowerCase();
  if (wanted === '') return [];
  return Object.entries(pack.lines).flatMap(([line, { label, purpose, tape }]) => {
    const found = [label, purpose, tape ?? ''].some(each => each.toLowerCase().includes(wanted));
    return found ? [{ line, label, purpose, tape, where: placeOf(line, pack, plan) }] : [];
  });
}

function placeOf(line: string, { travels, rooms, cases, vehicles }: PackResult, plan: Plan): string {
  const [nearest, ...outer] = travels[line] ?? [];
  if (nearest === undefined) return 'in no case';
  const nameOf = (id: string): string => (cases[id] ?? vehicles[id])?.label ?? id;
  const around = outer.map(id => `in ${nameOf(id)}`);
  const room = rooms[nearest];
  const named = nameOf(nearest);
  const inIt = room ? layerOf(line, casePicture(room, plan.packed)) : '';
  return [`${named}${inIt}`, ...around].join(', ');
}

function layerOf(line: string, { layers, things }: ReturnType<typeof casePicture>): string {
  const layer = layers.findIndex(each => each.things.some(thing => thing.line === line));
  const own = things.find(thing => thing.line === line);
  if (layer < 0 || !own) return '';
  const over = things.filter(
    ({ at, sides, line: other }) =>
      other !== line &&
      at[2] >= own.at[2] + own.sides[2] - 1e-9 &&
      ([0, 1] as const).every(
        i => at[i] < own.at[i] + own.sides[i] - 1e-9 && own.at[i] < at[i] + sides[i] - 1e-9,
      ),
  ).length;
  const under = over === 0 ? '' : `, under ${over} ${over === 1 ? 'thing' : 'things'}`;
  return `, layer ${layer + 1} of ${layers.length}${under}`;
}
