/** Copper of leads: what it resists, and how thick it is. */

/** Resistivity of copper at 75 °C, Ω·mm²/m. */
export const COPPER = 0.0214;

/** Cross section of a mains lead by its make, mm²; that of a lead nobody knows is taken to be the thinnest. */
export const sectionOf = (make: string): number => (make === 'mains-2.5' ? 2.5 : 1.5);
