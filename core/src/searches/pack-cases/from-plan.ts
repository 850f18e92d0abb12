/** The cases of an event and what is to ride in them, as a problem of boxes and compartments. */
import { assess, type Assessment } from '../../assess.js';
import type { Bundle, Hold } from '../../documents/index.js';
import { inOrder } from '../../foundations/index.js';
import { fitsAlone, type Box } from '../../packing/boxes.js';
import { boxFor, spacesOf } from '../../packing/spaces.js';
import { ridesTogether } from '../../stations/pack/packing/together.js';
import { ridesApart } from '../../stations/pack/packing/apart.js';
import { isCaseKind } from '../../stations/pack/packing/travels.js';
import type { PackLine } from '../../stations/pack/index.js';
import { OptionError } from '../search.js';
import type { CaseProblem, CaseSpace, CaseThing } from './order.js';

export interface PackingCase {
  readonly id: string;
  readonly label: string;
  readonly hold: Hold;
}

export interface PackingTask {
  readonly bundle: Bundle;
  readonly assessment: Assessment;
  readonly cases: readonly PackingCase[];
  /** Lines that are to ride in one of them, and why one can ride in none. */
  readonly lines: readonly { readonly id: string; readonly line: PackLine }[];
  readonly problem: CaseProblem;
}

/** Those of the cases that are asked for, else all of them. Throws `OptionError` for what is no case. */
export function packingTask(bundle: Bundle, asked: readonly string[] | undefined): PackingTask {
  const { plan, kinds } = bundle;
  const all = inOrder(plan.devices).flatMap(([id, { kind, label, resident }]): PackingCase[] => {
    const hold = kinds.kinds[kind]?.hold;
    return hold && resident !== true ? [{ id, label, hold }] : [];
  });
  for (const [i, id] of (asked ?? []).entries())
    if (!all.some(each => each.id === id))
      throw new OptionError(`/cases/${i}`, `${plan.devices?.[id]?.label ?? id} is no case of this event`);
  const cases = asked ? all.filter(({ id }) => asked.includes(id)) : all;
  const assessment = assess(bundle);
  const lines = Object.entries(assessment.pack.lines).flatMap(([id, line]) =>
    isCaseKind(kinds.kinds[line.kind ?? '']) || isMounted(id, bundle) ? [] : [{ id, line }],
  );
  return { bundle, assessment, cases, lines, problem: problemOf(lines, cases, bundle, assessment) };
}

/** Whether a thing is fastened in a rack, and so rides there. */
function isMounted(id: string, { plan: { devices }, kinds }: Bundle): boolean {
  const seen = new Set<string>();
  for (let at = id; !seen.has(at);) {
    seen.add(at);
    const { inside = '', unit, fixed, lid, on } = devices?.[at]?.place ?? {};
    const held = unit !== undefined || fixed === true || lid === true || on !== undefined;
    if (held && kinds.kinds[devices?.[inside]?.kind ?? '']?.rackCase) return true;
    at = inside;
  }
  return false;
}

function problemOf(
  lines: PackingTask['lines'],
  cases: readonly PackingCase[],
  { plan: { devices }, kinds: { kinds } }: Bundle,
  { pack }: Assessment,
): CaseProblem {
  const spaces = cases.flatMap(({ hold }, i) =>
    spacesOf(hold).map((space): CaseSpace => ({ ...space, case: i })),
  );
  const together = ridesTogether(devices);
  const groups = new Map([...new Set(together.values())].map((key, i) => [key, i]));
  const kindOf = (i: number) => kinds[lines[i]?.line.kind ?? ''];
  const boxIn = (i: number, { hold }: PackingCase): Box => {
    const { id = '', line } = lines[i] ?? {};
    const kind = kindOf(i);
    return boxFor(pack.sizes[id] ?? NOTHING, hold, (kind?.weight ?? 0) * (line?.count ?? 1), kind?.travel);
  };
  return {
    spaces,
    loads: cases.map(({ hold }) => hold.load),
    clash: (a, b) => ridesApart(kindOf(a), kindOf(b)) !== undefined,
    boxes: cases.map(each => lines.map((_, i) => boxIn(i, each))),
    things: lines.map(({ id, line }, n): CaseThing => {
      const { width, depth, height } = pack.sizes[id] ?? NOTHING;
      return {
        kg: (kindOf(n)?.weight ?? 0) * line.count,
        room: width * depth * height,
        top: kindOf(n)?.travel?.top === true,
        cases: casesFor(line, cases, devices).filter(i =>
          spaces.some(space => space.case === i && fitsAlone(boxIn(n, cases[i] as PackingCase), space.sides)),
        ),
        group: groups.get(together.get(id) ?? ''),
      };
    }),
  };
}

const NOTHING = { width: 0, depth: 0, height: 0 } as const;

/** Cases that take a line, those first that take only its group. */
function casesFor(
  { group }: PackLine,
  cases: readonly PackingCase[],
  devices: Bundle['plan']['devices'],
): number[] {
  const only = (i: number): readonly string[] | undefined => devices?.[cases[i]?.id ?? '']?.only;
  return cases
    .map((_, i) => i)
    .filter(i => only(i)?.includes(group) !== false)
    .sort((a, b) => Number(only(a) === undefined) - Number(only(b) === undefined) || a - b);
}
