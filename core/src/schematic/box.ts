/** How large a box of the schematic is, and where its words and ports stand: as narrow as its names allow, all whole. */
import type { Carries } from '../documents/index.js';
import type { Point } from '../foundations/index.js';
import { FACE } from './face.js';
import { linesOf, plainWidth, tapeWidth } from './lettering.js';

/** Sizes of letters, in units of one pixel at no zoom. */
export const LETTERS = { name: 14, kind: 11, pin: 11.5, tape: 11 } as const;
/** Measures of a box, in the same units. */
export const BOX = { edge: 8, line: 12, pin: 18, foot: 6 } as const;
/** A tape label lies on the lead just behind its output. */
export const TAPE = { width: 30, height: 14, gap: 6 } as const;

/** A face is drawn so many times smaller than its measures. */
export const FACE_SCALE = 0.8;
const FACE_WIDTH = FACE.width * FACE_SCALE + BOX.edge;
/** The narrowest box, one that still has its face beside its name, and one in which two ports stand side by side. */
const NARROWEST = 96;
const WITH_FACE = 150;
const SIDE_BY_SIDE = 110;
/** Between the names of two ports in one row. */
const BETWEEN = 10;
const KIND_LINES = 3;
/** The base of the name below the upper edge, and that of the first line of what it is. */
export const NAME_BASE = 16;
const FIRST_LINE = 29;

export interface Pin {
  readonly port: string;
  readonly label: string;
  readonly carries: Carries;
  readonly side: 'in' | 'out';
  /** Below the upper edge of its box. */
  readonly y: number;
  readonly used: boolean;
  /** The port of the plan that it is: of the box itself, or of a part of a closed assembly. */
  readonly end: { readonly device: string; readonly port: string };
}

export interface DeviceBox {
  readonly id: string;
  readonly label: string;
  /** What it is. */
  readonly kind: string;
  readonly family: string;
  /** The frame that it stands in. */
  readonly group: string | undefined;
  /** Where it is, where no frame says so: the id of that, words that fit, and their base below the upper edge. */
  readonly place: { readonly id: string; readonly text: string; readonly y: number } | undefined;
  readonly width: number;
  readonly height: number;
  /** What it is, line by line, and the base of each below the upper edge. */
  readonly kindLines: readonly { readonly text: string; readonly y: number }[];
  /** Its face has room beside its name. */
  readonly faced: boolean;
  readonly pins: readonly Pin[];
  readonly nudge: Point | undefined;
  /** It belongs to the house. */
  readonly house: boolean;
  /** The house has it, and the plan does not use it yet. */
  readonly offered: boolean;
}

/** A box before it has its size; `place` where it shall say where it is. */
export type Unshaped = Omit<DeviceBox, 'width' | 'height' | 'kindLines' | 'faced' | 'pins' | 'place'> & {
  readonly pins: readonly Omit<Pin, 'y'>[];
  readonly place?: { readonly id: string; readonly label: string };
};

/** A port's name from the edge of its box, with what stands free behind it. */
const pinWidth = ({ label }: Omit<Pin, 'y'>): number => BOX.edge + plainWidth(label, LETTERS.pin);

/**
 * Gives a box its size. Inputs stand on the left, outputs on the right, in one row where both names fit beside each
 * other; an output that does not stands in the first row below in which it does, so that the box stays narrow.
 */
export function shaped(box: Unshaped): DeviceBox {
  const name = BOX.edge + tapeWidth(box.label, LETTERS.name) + BOX.edge;
  const faced = name + FACE_WIDTH <= WITH_FACE;
  const longest = Math.max(0, ...box.pins.map(pin => pinWidth(pin) + BOX.edge));
  const width = Math.ceil(
    Math.max(NARROWEST, faced ? name + FACE_WIDTH : name, longest, sideBySide(box.pins)),
  );
  const lines = (text: string, most: number): string[] =>
    linesOf(text, width - 2 * BOX.edge, LETTERS.kind, most);
  const lineAt = (i: number): number => FIRST_LINE + i * BOX.line;
  const kindLines = lines(box.kind, KIND_LINES).map((text, i) => ({ text, y: lineAt(i) }));
  const place = box.place && {
    id: box.place.id,
    text: lines(`in ${box.place.label}`, 1).join(''),
    y: lineAt(kindLines.length),
  };
  const head = lineAt(kindLines.length + (place ? 0 : -1)) + 5;
  const { rows, pins } = inRows(box.pins, width);
  return {
    ...box,
    width,
    height: head + rows * BOX.pin + BOX.foot,
    kindLines,
    place,
    faced,
    pins: pins.map(({ pin, row }) => ({ ...pin, y: head + row * BOX.pin + BOX.pin / 2 })),
  };
}

/** What two ports in a row take where that is little enough for all rows to be so. */
function sideBySide(pins: Unshaped['pins']): number {
  const ins = pins.filter(({ side }) => side === 'in');
  const outs = pins.filter(({ side }) => side === 'out');
  const rows = ins.slice(0, outs.length).map((pin, i) => pinWidth(pin) + BETWEEN + pinWidth(outs[i] ?? pin));
  const widest = Math.max(0, ...rows);
  return widest <= SIDE_BY_SIDE ? widest : 0;
}

function inRows(
  pins: Unshaped['pins'],
  width: number,
): { rows: number; pins: { pin: Unshaped['pins'][number]; row: number }[] } {
  const ins = pins.filter(({ side }) => side === 'in');
  let next = 0;
  const fits = (pin: Unshaped['pins'][number], row: number): boolean => {
    const beside = ins[row];
    return !beside || pinWidth(beside) + BETWEEN + pinWidth(pin) <= width;
  };
  const placed = pins.map(pin => {
    if (pin.side === 'in') return { pin, row: ins.indexOf(pin) };
    while (!fits(pin, next)) next++;
    return { pin, row: next++ };
  });
  return { rows: Math.max(0, ...placed.map(({ row }) => row + 1)), pins: placed };
}
