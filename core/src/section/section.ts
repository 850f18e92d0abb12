/** The section along a line of sight: floors, seats with heads, furniture and what hangs, lens and subject, side on. */
import type { Assessment } from '../assess.js';
import type { Area, Bundle, Rules } from '../documents/index.js';
import {
  between,
  floorOfArea,
  inOrder,
  numberOf,
  stretchInside,
  type Figure,
  type MapOf,
  type Point,
} from '../foundations/index.js';

/** A place in the section: metres from the lens on the plan, and metres above the zero level. */
export type InSection = readonly [along: number, height: number];

export interface SectionPart {
  readonly kind: 'floor' | 'seats' | 'seated' | 'standing' | 'furniture' | 'hanging';
  readonly label: string;
  readonly points: readonly InSection[];
}

/** A clearance, drawn where the line comes nearest. */
export interface SectionClearance {
  readonly name: 'overSeated' | 'overStanding' | 'pastSolids';
  readonly figure: Figure;
  /** From the line of sight to what it clears. */
  readonly from: InSection;
  readonly to: InSection;
}

export interface Section {
  /** Horizontal distance from lens to mark, m. */
  readonly run: number;
  /** Highest and lowest thing drawn, m. */
  readonly top: number;
  readonly bottom: number;
  readonly lens: InSection;
  readonly eyes: InSection;
  readonly lowest: InSection;
  readonly parts: readonly SectionPart[];
  readonly clearances: readonly SectionClearance[];
}

/** Drawn around camera and subject, m. */
const AROUND = 1;
/** What hangs without a measured top is drawn this thick, m. */
const HANGING = 0.4;

/** The section of a shot; undefined while its camera or mark has no place. */
export function sectionOf(
  { plan }: Pick<Bundle, 'plan'>,
  { ground, shots, rules }: Pick<Assessment, 'ground' | 'shots' | 'rules'>,
  shot: string,
): Section | undefined {
  const result = shots.shots[shot];
  const mark = ground.venue.marks?.[plan.shots?.[shot]?.mark ?? ''];
  const place = ground.places[result?.camera ?? ''];
  const eyes = numberOf(ground.marks[plan.shots?.[shot]?.mark ?? '']?.elevation);
  const [lens, lowest] = [numberOf(place?.elevation), numberOf(result?.lowest)];
  if (!result || !mark || !place?.at || eyes === undefined || lens === undefined || lowest === undefined) {
    return undefined;
  }
  const [from, to] = [place.at, mark.at];
  const run = Math.hypot(to[0] - from[0], to[1] - from[1]);
  if (run < 0.01) return undefined;
  const areas = ground.venue.areas ?? {};
  const beyond: Point = between(from, to, 1 + AROUND / run);
  const before: Point = between(from, to, -AROUND / run);
  /** Share of the drawn line to metres from the lens. */
  const along = (share: number): number => share * (run + 2 * AROUND) - AROUND;
  const parts = partsAlong(areas, rules, [before, beyond], along);
  const line = (share: number, end: number): number => lens + (end - lens) * share;
  const clearances: SectionClearance[] = [];
  for (const name of ['overSeated', 'overStanding'] as const) {
    const figure = result[name];
    const [clear, x] = [numberOf(figure), termOf(figure, 'x')];
    if (clear === undefined || x === undefined) continue;
    const height = line(x / run, termOf(figure, 'hT') ?? lowest);
    clearances.push({ name, figure, from: [x, height], to: [x, height - clear] });
  }
  const [past, x] = [numberOf(result.pastSolids), termOf(result.pastSolids, 'x')];
  if (past !== undefined && x !== undefined) {
    const under = termOf(result.pastSolids, 'under');
    const height = under === undefined ? line(x / run, lowest) : under - past;
    clearances.push({
      name: 'pastSolids',
      figure: result.pastSolids,
      from: [x, height] as const,
      to: [x, under ?? height - past],
    });
  }
  const heights = parts.flatMap(({ points }) => points.map(([, height]) => height));
  return {
    run,
    parts,
    clearances,
    lens: [0, lens],
    eyes: [run, eyes],
    lowest: [run, lowest],
    top: Math.max(lens + 0.3, eyes + 0.4, ...heights),
    bottom: Math.min(0, lowest, ...heights),
  };
}

/** Everything the line crosses, by areas; `along` turns a share of the line into metres from the lens. */
function partsAlong(
  areas: MapOf<Area>,
  rules: Rules,
  [before, beyond]: readonly [Point, Point],
  along: (share: number) => number,
): SectionPart[] {
  const parts: SectionPart[] = [];
  for (const [, area] of inOrder(areas)) {
    const stretch = stretchInside(area.outline, before, beyond);
    if (!stretch) continue;
    const [a, b] = stretch.map(share => ({ d: along(share), at: between(before, beyond, share) })) as [
      { d: number; at: Point },
      { d: number; at: Point },
    ];
    const [one, two] = [floorOfArea(area, a.at), floorOfArea(area, b.at)];
    const { label } = area;
    const band = (
      kind: SectionPart['kind'],
      low: readonly [number, number],
      high: readonly [number, number],
    ) =>
      parts.push({
        kind,
        label,
        points: [
          ...([[a.d, low[0]] as const, [b.d, low[1]] as const] as const),
          ...([[b.d, high[1]] as const, [a.d, high[0]] as const] as const),
        ],
      });
    if (area.kind === 'raised') band('floor', [0, 0], [one, two]);
    if (area.kind === 'seating') {
      const [sit, stand] = [area.seatedHead ?? rules.seatedHead, area.standingHead ?? rules.standingHead];
      band('seats', [one, two], [one + 0.45, two + 0.45]);
      band('standing', [one + sit, two + sit], [one + stand, two + stand]);
      band('seated', [one + sit - 0.25, two + sit - 0.25], [one + sit, two + sit]);
    }
    if (area.kind === 'gallery')
      band('hanging', [area.underside ?? one - 0.3, area.underside ?? two - 0.3], [one, two]);
    if (area.kind === 'obstacle' || area.kind === 'desk') {
      if (area.underside !== undefined) {
        const high = area.top === undefined ? area.underside + HANGING : one + area.top;
        band('hanging', [area.underside, area.underside], [high, high]);
      } else if (area.top !== undefined) band('furniture', [one, two], [one + area.top, two + area.top]);
    }
  }
  return parts;
}

/** A number that a working was reckoned from. */
function termOf({ working }: Figure, name: string): number | undefined {
  const value = working.terms.find(term => term.name === name)?.value;
  return typeof value === 'number' ? value : undefined;
}
