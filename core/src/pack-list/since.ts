/** What the checklist has that the printed one has not, and the other way round. */
import type { Plan, PrintedList } from '../documents/index.js';
import type { PackLines } from '../stations/pack/result.js';

/** A line that is new, fewer or more, or gone. */
export interface Since {
  readonly line: string;
  readonly words: string;
  /** On paper and now; 0 = not there. */
  readonly before: number;
  readonly now: number;
}

const wordsOf = ({ label, purpose, tape }: PackLines[string]): string =>
  [...(tape === undefined ? [] : [tape]), label, ...(purpose === '' ? [] : [`(${purpose})`])]
    .join(' ')
    .slice(0, 160);

/** The list as it is printed. */
export const printedOf = (lines: PackLines, at: string): PrintedList => ({
  at,
  lines: Object.entries(lines).map(([line, of]) => ({ line, words: wordsOf(of), count: of.count })),
});

/** What has changed since a plan’s list was printed, and when that was; undefined while it was not. Lines of which another thing is taken count as gone and new. */
export function changedSince(
  lines: PackLines,
  { printedList }: Pick<Plan, 'printedList'>,
): { readonly at: string; readonly changes: readonly Since[] } | undefined {
  return printedList && { at: printedList.at, changes: changesOf(lines, printedList) };
}

function changesOf(lines: PackLines, printed: PrintedList): readonly Since[] {
  const paper = new Map(printed.lines.map(each => [each.line, each]));
  const now = Object.entries(lines).flatMap(([line, of]): Since[] => {
    const before = paper.get(line);
    const words = wordsOf(of);
    if (!before) return [{ line, words, before: 0, now: of.count }];
    if (before.words !== words)
      return [
        { line, words: before.words, before: before.count, now: 0 },
        { line, words, before: 0, now: of.count },
      ];
    return before.count === of.count ? [] : [{ line, words, before: before.count, now: of.count }];
  });
  const gone = printed.lines.flatMap(({ line, words, count }): Since[] =>
    lines[line] ? [] : [{ line, words, before: count, now: 0 }],
  );
  return [...now, ...gone];
}
