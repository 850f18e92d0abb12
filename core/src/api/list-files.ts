/** Routes of one list as each sort of file that it can be had as. */
import type { Action, Resource } from '../access/roles.js';
import { SHEET_FILES, type SheetFile } from '../sheets/sheet-words.js';

export type ListFiles<Path extends string> = Readonly<
  Record<
    `GET ${Path}.${SheetFile}`,
    { readonly summary: string; readonly needs: readonly [Action, Resource]; readonly file: string }
  >
>;

/** `what`: the list, as a summary begins. */
export const listFiles = <Path extends string>(
  path: Path,
  what: string,
  needs: readonly [Action, Resource],
): ListFiles<Path> =>
  Object.fromEntries(
    Object.entries(SHEET_FILES).map(([ending, { words, type: file }]) => [
      `GET ${path}.${ending}`,
      { summary: `${what} as ${words}`, needs, file },
    ]),
  ) as ListFiles<Path>;
