/** Which operators need to hear whoever calls and see what is on air: those who do not do that themselves. */
import { taken, type Figure } from '../../foundations/index.js';
import type { SignalResult } from '../signal/index.js';
import { lineTalkback, lineTally } from './figures.js';
import type { OperatorLines, Roles } from './result.js';

/** The line to each camera that somebody works by hand; nobody needs a line to themselves. */
export function operatorLines({
  roles,
  cameras,
}: {
  readonly roles: Roles;
  readonly cameras: SignalResult['cameras'];
}): Readonly<Record<string, OperatorLines>> {
  return Object.fromEntries(
    Object.entries(cameras).flatMap(([id, { talkback, tally }]): [string, OperatorLines][] => {
      const operator = roles[`camera ${id}`]?.person;
      const isOwn = (role: string): boolean => operator !== undefined && operator === roles[role]?.person;
      const lines: OperatorLines = {
        ...(talkback && !isOwn('caller') && { talkback: handedOn(lineTalkback, id, talkback) }),
        ...(tally && !isOwn('mixer') && { tally: handedOn(lineTally, id, tally) }),
      };
      return Object.keys(lines).length === 0 ? [] : [[id, lines]];
    }),
  );
}

const handedOn = (line: typeof lineTalkback | typeof lineTally, id: string, figure: Figure): Figure =>
  figure.value === null
    ? line.unknown([id], figure.why ?? 'no line leads to it', [taken('line', figure)])
    : line.found([id], figure.value, [taken('line', figure)]);
