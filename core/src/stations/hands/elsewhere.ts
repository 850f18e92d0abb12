/** Who is on a role of two events at one time. */
import { inOrder } from '../../foundations/index.js';
import { liveMeanwhile, meanwhile } from './figures.js';
import type { Span } from './presence.js';
import type { Elsewhere, HandsReads } from './result.js';

/** Whether two times share a moment: one that ends when the other begins does not. */
const overlap = (one: Span, other: Span): boolean =>
  Date.parse(one.from) < Date.parse(other.to) && Date.parse(other.from) < Date.parse(one.to);

/** By duty at another event: what of it is at one time with this one, of everybody who has such a duty. */
export const elsewhereOf = ({
  duties,
  span,
  live,
}: {
  readonly duties: HandsReads['elsewhere'];
  /** When people are asked for here; undefined: not known. */
  readonly span: Span | undefined;
  /** What of that is live. */
  readonly live: Span | undefined;
}): Readonly<Record<string, Elsewhere>> =>
  Object.fromEntries(
    inOrder(duties).flatMap(([id, { person, event, from, to, begin, end, here }]): [string, Elsewhere][] => {
      if (!span || !live || !overlap(span, { from, to })) return [];
      const where = here ? 'at one place' : 'at two places';
      const told = overlap(live, { from: begin, to: end })
        ? { live: liveMeanwhile.found([id], where) }
        : { beside: meanwhile.found([id], where) };
      return [[id, { person, event, ...told }]];
    }),
  );
