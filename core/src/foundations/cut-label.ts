/** Labels in drawings. */

/** Least letters of which a label is worth being cut to. */
const LEAST = 3;

/** As much of a label as goes into so many letters, with … where it is cut; undefined where that is hardly any. */
export function cutLabel(label: string, letters: number): string | undefined {
  const room = Math.floor(letters);
  if (room < LEAST) return undefined;
  return label.length > room ? `${label.slice(0, room - 1)}…` : label;
}
