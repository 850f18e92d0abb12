/** How each kind of part is drawn in black on white: line, dashes and fill, in metres on the paper. */

export interface Look {
  readonly stroke: number;
  readonly dash?: readonly number[];
  readonly fill?: 'black' | 'hatch';
}

const MM = 0.001;
const PLAIN: Look = { stroke: 0.25 * MM };

const LOOKS: Readonly<Record<string, Look>> = {
  OUTLINE: { stroke: 0.9 * MM },
  WALLS: { stroke: 0.7 * MM },
  PILLARS: { stroke: 0.3 * MM, fill: 'black' },
  'AREAS-GALLERY': { stroke: 0.3 * MM, dash: [3 * MM, 1 * MM, 0.6 * MM, 1 * MM] },
  'AREAS-KEEP-CLEAR': { stroke: 0.15 * MM, fill: 'hatch' },
  'AREAS-NO-FILM': { stroke: 0.4 * MM, dash: [1.6 * MM, 0.8 * MM], fill: 'hatch' },
  'AREAS-CAMERAS': { stroke: 0.25 * MM, dash: [0.5 * MM, 0.8 * MM] },
  'AREAS-SEATING': { stroke: 0.2 * MM },
  DOORS: { stroke: 0.5 * MM, dash: [1 * MM, 0.6 * MM] },
  'HOUSE-LINES': { stroke: 0.3 * MM, dash: [0.4 * MM, 0.8 * MM, 2 * MM, 0.8 * MM] },
};

export const lookOf = (layer: string): Look =>
  LOOKS[layer] ?? (layer.startsWith('DOORS') ? LOOKS.DOORS : undefined) ?? PLAIN;
