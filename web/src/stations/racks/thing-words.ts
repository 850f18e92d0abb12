/** The words of a thing in the drawing of a rack, as far as there is room for them. */
import { showText, troubleOf, type DrawnThing, type RackItem, type Reading } from '@idle-satchel/core';

/** Width of a letter of a name and of a figure, px. */
const LETTER = 7;
const DIGIT = 6.2;
/** A line of words needs so much height, px. */
const LINE = 13;
const GLYPH = { stop: '◆ ', risk: '◇ ', note: '' } as const;

const fits = (text: string, room: number, letter: number): boolean => text.length * letter <= room;

/** As much of a name as there is room for; nothing where that is no more than a letter. */
function shortened(text: string, room: number): string {
  if (fits(text, room, LETTER)) return text;
  const letters = Math.floor(room / LETTER) - 1;
  return letters > 1 ? `${text.slice(0, letters)}…` : '';
}

/** Its name at the left, at its right what it draws and how warm it gets, and where their line is, px. */
export function thingWords(
  thing: DrawnThing,
  item: RackItem,
  of: { readonly scale: number; readonly speaks: boolean; readonly over: number; readonly reading: Reading },
): { readonly name: string; readonly right: string; readonly y: number } {
  const { scale, speaks, over, reading } = of;
  const [width, height] = [thing.width * scale, thing.height * scale];
  const tray = item.fitting === 'tray';
  // What lies on a tray stands up from below: its name is over that.
  const down = tray ? Math.min(height / 2 + 4, LINE + 2) : height / 2 + 4;
  const line = { y: thing.y * scale + down };
  if (thing.back || height < LINE) return { name: '', right: '', ...line };
  const trouble = troubleOf(item);
  const full = `${trouble ? GLYPH[trouble] : ''}${item.label}`;
  if (thing.view === 'side') {
    const name = !thing.lies && !tray && fits(full, width - 8, LETTER) ? full : '';
    const warm = speaks ? warmWords(item, reading) : '';
    return { name, right: fits(name + warm, width - 14, LETTER) ? warm : '', ...line };
  }
  const name = tray && over < LINE + 3 ? '' : shortened(full, width - 14);
  const right = thing.lies ? '' : rightWords(item, reading);
  const room = width - 24 - name.length * LETTER;
  return { name, right: fits(right, room, DIGIT) ? right : '', ...line };
}

const warmWords = ({ warm }: RackItem, reading: Reading): string =>
  warm && warm.value !== null ? showText(warm.value, warm.unit, reading) : '';

/** `20 W · 24 °C`. */
const rightWords = (item: RackItem, reading: Reading): string =>
  [
    typeof item.watts.value === 'number' && item.watts.value > 0
      ? showText(item.watts.value, item.watts.unit, reading)
      : '',
    warmWords(item, reading),
  ]
    .filter(Boolean)
    .join(' · ');

/** `ROUTER, 1 U from unit 2, rear rails, 20 W · 24 °C`. */
export const ariaWords = (item: RackItem, reading: Reading): string =>
  [
    item.label,
    item.unit === undefined ? 'on a tray' : `${item.units} U from unit ${item.unit}`,
    item.rear && 'rear rails',
    rightWords(item, reading),
  ]
    .filter(Boolean)
    .join(', ');
