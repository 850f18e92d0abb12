/** Loads of people as bands over the time that is live: of each item how much of their attention it takes. */
import type { Assessment } from '../assess.js';
import type { Bundle } from '../documents/index.js';
import { cutLabel, inOrder, numberOf, showClock, type Reading } from '../foundations/index.js';
import { ALL_OF_IT, TOO_MUCH } from '../stations/hands/attention.js';

/** All lengths in units of the drawing. */
export const LOADS = { width: 720, left: 6, right: 700, head: 34, band: 62, full: 34, top: 18 } as const;

export interface LoadStep {
  readonly id: string;
  readonly x: number;
  readonly width: number;
  /** Height of what is sure, and of what it may be at most beyond that; undefined where that is not known. */
  readonly least: number;
  readonly most: number | undefined;
  /** In percent, where there is room for it: how far above the ground, and whether it stands on the bar. */
  readonly words: { readonly text: string; readonly up: number; readonly onBar: boolean } | undefined;
  readonly tooMuch: boolean;
}

export interface LoadBand {
  readonly person: string;
  readonly name: string;
  readonly roles: string;
  readonly verdict: string;
  /** It is more than one person can do; or it is not known whether. */
  readonly state: 'fits' | 'too much' | 'unknown';
  /** Of the line of all their attention, and of the ground. */
  readonly full: number;
  readonly ground: number;
  readonly steps: readonly LoadStep[];
}

export interface LoadDrawing {
  readonly height: number;
  readonly items: readonly {
    readonly id: string;
    readonly x: number;
    readonly width: number;
    readonly clock: string;
    readonly label: string | undefined;
  }[];
  readonly bands: readonly LoadBand[];
}

/** Letters that stand beside the words of a band: signs between them, and the name of the line. */
const BESIDE = 18;
/** Width of a letter of the labels. */
const LETTER = 6.4;
/** Height of a line of words. */
const LINE = 15;
/** A load is drawn to this share of all attention at most. */
const TALLEST = 1.3;

/** The bands of everybody with something to do; undefined where nothing is live, or nobody is on anything. */
export function loadDrawing(
  { plan, hands: { people } }: Bundle,
  { hands, brief }: Pick<Assessment, 'hands' | 'brief'>,
  reading: Reading,
): LoadDrawing | undefined {
  const live = inOrder(plan.runningOrder).filter(([, { phase, minutes }]) => phase === 'live' && minutes > 0);
  const whole = live.reduce((sum, [, { minutes }]) => sum + minutes, 0);
  const loads = Object.entries(hands.workload);
  if (whole === 0 || loads.length === 0) return undefined;
  const scale = (LOADS.right - LOADS.left) / whole;
  let passed = 0;
  const items = live.map(([id, { label, minutes }]) => {
    const x = LOADS.left + passed * scale;
    passed += minutes;
    const width = minutes * scale;
    const begins = brief.items[id]?.begins.value;
    return {
      ...{ id, x, width, label: cutLabel(label, (width - 6) / LETTER) },
      clock: typeof begins === 'string' && width > 6 * LETTER ? showClock(begins, reading) : '',
    };
  });
  const bands = loads.map(([person, load], row): LoadBand => {
    const ground = LOADS.head + row * LOADS.band + LOADS.top + LOADS.full;
    const name = people[person]?.name ?? person;
    const roles = load.roles.map(key => hands.roles[key]?.label ?? key).join(', ');
    const verdict = String(load.verdict.value ?? `not known: ${load.verdict.why ?? ''}`);
    // What the line is called stands at its other end.
    const room = (LOADS.right - LOADS.left) / LETTER - name.length - roles.length - BESIDE;
    return {
      ...{ person, name, roles, verdict: cutLabel(verdict, room) ?? '' },
      state: load.verdict.value === null ? 'unknown' : load.verdict.value === TOO_MUCH ? 'too much' : 'fits',
      ...{ ground, full: ground - LOADS.full },
      steps: items.flatMap(({ id, x, width }): LoadStep[] => {
        const { least, most } = load.items[id] ?? {};
        const sure = numberOf(least);
        if (sure === undefined) return [];
        const may = numberOf(most);
        const text = percentWords(sure, may);
        const heights = [heightOf(sure), may === undefined ? undefined : heightOf(may)] as const;
        return [
          {
            ...{ id, x, width, least: heights[0], most: heights[1], tooMuch: sure > ALL_OF_IT },
            words: width > (text.length + 1) * LETTER ? { text, ...standing(...heights) } : undefined,
          },
        ];
      }),
    };
  });
  return { height: LOADS.head + bands.length * LOADS.band + 4, items, bands };
}

const heightOf = (percent: number): number => Math.min(percent / ALL_OF_IT, TALLEST) * LOADS.full;

/** Between the least and the most; “?” where nothing is known. */
function percentWords(least: number, most: number | undefined): string {
  const [low, high] = [Math.round(least), most === undefined ? undefined : Math.round(most)];
  if (high === undefined) return low === 0 ? '?' : `≥ ${low} %`;
  return high === low ? `${low} %` : `${low}–${high} %`;
}

/** Where words stand so that no line goes through them: on the bar, above it in the dashed frame, or above both. */
function standing(least: number, most = 0): { up: number; onBar: boolean } {
  if (least > LINE) return { up: 4, onBar: true };
  return { up: (most - least > LINE ? least : Math.max(least, most)) + 3, onBar: false };
}
