/** How wide words come out in the two alphabets of the drawings: upper bounds, so that nothing that is fitted runs over. */

/** Widths of letters in em of the alphabet that most words stand in; what is in no list is as wide as a small letter. */
const PLAIN = widths(0.58, [
  [0.3, " .,:;'|ijl·"],
  [0.43, 'ftrI1()[]/-–“”'],
  [0.7, 'ABCDGHKNOQRUVX0&+×'],
  [0.88, 'mwMW@%…→'],
]);
/** The same for the narrow bold alphabet of tape labels, with the 0.04 em that stand between its letters. */
const TAPE = widths(0.5, [
  [0.27, " .,:;'|ijlI"],
  [0.36, 'ftr1()[]/-–“”'],
  [0.56, 'DHKMNUOV&'],
  [0.73, 'mwW@%…→'],
]);

type Alphabet = (letter: string) => number;

function widths(usual: number, lists: readonly (readonly [em: number, letters: string])[]): Alphabet {
  const em = new Map(lists.flatMap(([each, letters]) => [...letters].map(letter => [letter, each] as const)));
  return letter => em.get(letter) ?? usual;
}

const lengthOf = (text: string, alphabet: Alphabet): number =>
  [...text].reduce((sum, letter) => sum + alphabet(letter), 0);

/** Width of words in the plain alphabet, in the unit of `size`. */
export const plainWidth = (text: string, size: number): number => size * lengthOf(text, PLAIN);
/** Width of a name as on a tape label, in the unit of `size`. */
export const tapeWidth = (text: string, size: number): number => size * lengthOf(text, TAPE);

/** Words cut to a width, with an ellipsis where they are longer. */
export function cutTo(text: string, width: number, size: number): string {
  if (plainWidth(text, size) <= width) return text;
  const letters = [...text];
  while (letters.length > 0 && plainWidth(`${letters.join('')}…`, size) > width) letters.pop();
  return `${letters.join('').trimEnd()}…`;
}

/** Words over so many lines of a width at most; what is left over is cut in the last one. */
export function linesOf(text: string, width: number, size: number, most: number): string[] {
  const lines: string[] = [];
  const words = text.split(' ');
  while (words.length > 0) {
    if (lines.length === most - 1) return [...lines, cutTo(words.join(' '), width, size)];
    let line = words.shift() ?? '';
    while (words[0] !== undefined && plainWidth(`${line} ${words[0]}`, size) <= width)
      line += ` ${words.shift() ?? ''}`;
    lines.push(cutTo(line, width, size));
  }
  return lines;
}
