/** Which kind a line of the checklist would be bought as, where nothing on the shelf is set aside for it. */
import type { Family, Kinds } from '../../../documents/index.js';
import { inOrder, numberOf } from '../../../foundations/index.js';
import { joinsPorts, leadOf } from '../../signal/lead-ends.js';
import type { RunResult } from '../../runs/index.js';
import { isJoinerOf } from '../cable-lines.js';
import { FLOOR_LINES } from '../floor-lines.js';
import type { PackLine } from '../result.js';

/** The shortest cable of its make that reaches and fits both its ports; of those as long, the first. */
export function cableToBuy(
  { make, ports, wanted }: Pick<RunResult, 'make' | 'ports' | 'wanted'>,
  kinds: Kinds['kinds'],
): string | undefined {
  const length = numberOf(wanted);
  if (length === undefined) return undefined;
  const [shortest] = inOrder(kinds)
    .flatMap(([id, { cable }]) =>
      cable?.make === make && cable.length >= length && joinsPorts(leadOf(cable), ...ports)
        ? [{ id, length: cable.length }]
        : [],
    )
    .sort((a, b) => a.length - b.length);
  return shortest?.id;
}

const firstOf = (kinds: Kinds['kinds'], family: Family): string | undefined =>
  inOrder(kinds).find(([, kind]) => kind.family === family)?.[0];

/** The kind of a line, or that which would do for it; undefined where no kind is known that would. */
export function kindToBuy(
  id: string,
  { kind, group }: Pick<PackLine, 'kind' | 'group'>,
  run: RunResult | undefined,
  kinds: Kinds['kinds'],
): string | undefined {
  if (kind !== undefined) return kind;
  if (group === 'Cables') return run && cableToBuy(run, kinds);
  const floor = FLOOR_LINES.find(({ key }) => key === id);
  if (floor) return firstOf(kinds, floor.family);
  return inOrder(kinds).find(([, each]) => isJoinerOf(each, id))?.[0];
}
