/** Copper of leads: what it resists, and how thick it is. */

/** Resistivity of copper at 75 °C, Ω·mm²/m. */
export const COPPER = 0.0214;

/** Cross section of a mains lead by its make, mm²; that of a lead nobody knows is taken to be the thinnest. */
export const sectionOf = (make: string): number => (make === 'mains-2.5' ? 2.5 : 1.5);

/** Current of a flexible cord by cross section, A (IEC 60364-5-52, HD 516; 0.823 mm² is 18 AWG). */
const CORDS: readonly (readonly [section: number, amps: number])[] = [
  [0.5, 3],
  [0.75, 6],
  [0.823, 10],
  [1.25, 13],
  [1.5, 16],
  [2.5, 20],
];

/** What a cord carries, A: that of the next thinner one that is listed; undefined beyond the table. */
export function carriedBy(section: number): number | undefined {
  const [thickest = 0] = CORDS.at(-1) ?? [];
  return section > thickest ? undefined : CORDS.findLast(([mm]) => mm <= section)?.[1];
}
