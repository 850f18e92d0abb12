/** Pieces that only hand on what runs through them: adapters, joiners, patch bays, lines of the house. */
import type { End, Kind, Link } from '../../documents/index.js';
import { inOrder } from '../../foundations/index.js';
import type { PlanWiring } from './result.js';

const PASSIVE: ReadonlySet<Kind['family']> = new Set(['adapter', 'patch bay', 'house line']);

/** Whether a thing has nothing inside that works: it needs no power, and has no delay. */
export const isPassive = (kind: Kind | undefined): boolean =>
  kind !== undefined && PASSIVE.has(kind.family) && !kind.power;

/** The ports of a passive piece that a port of it is joined to inside. */
function joinedInside(kind: Kind, port: string): string[] {
  const own = kind.ports?.[port];
  if (!own) return [];
  return inOrder(kind.ports).flatMap(([other, { loops, direction, carries }]) => {
    if (other === port || carries !== own.carries) return [];
    // A patch bay says which of its sockets belong together; an adapter joins all of one side to all of the other.
    const isPair = loops === port || own.loops === other;
    const isSide = loops === undefined && own.loops === undefined && direction !== own.direction;
    return isPair || isSide ? [other] : [];
  });
}

const sameEnd = (a: End, b: End): boolean => a.device === b.device && a.port === b.port;

/** The ends that an end of a link reaches over its lead and over passive pieces, each with the links on the way. */
export function reachedFrom(
  wiring: PlanWiring,
  end: End,
  seen: ReadonlySet<string> = new Set(),
): readonly (readonly [end: End, over: readonly string[]])[] {
  const { device } = end;
  if (device === undefined) return [];
  const leads = [...wiring.outOf(device), ...wiring.into(device)].filter(
    ([id, { from, to }]) => !seen.has(id) && (sameEnd(from, end) || sameEnd(to, end)),
  );
  return leads.flatMap(([id, link]) => {
    const other = otherEnd(link, end);
    const kind = wiring.kindOf(other.device);
    if (!kind || !isPassive(kind)) return [[other, [id]] as const];
    return joinedInside(kind, other.port ?? '').flatMap(port =>
      reachedFrom(wiring, { device: other.device ?? '', port }, new Set([...seen, id])).map(
        ([far, over]) => [far, [id, ...over]] as const,
      ),
    );
  });
}

const otherEnd = ({ from, to }: Link, end: End): End => (sameEnd(from, end) ? to : from);
