/** What is known of the things on the demo shelf: where they live, what they cost, when they were tested. */
import type { Item } from '../documents/index.js';
import { takesMains } from '../stations/pack/takes-mains.js';
import { demoKinds } from './kinds.js';

/** Where things live, by the beginning of their tape code; what is not named lives on the shelf of the desk. */
const HOMES: readonly (readonly [home: string, codes: readonly string[]])[] = [
  ['Vestry cupboard, top shelf', ['CAM', 'FTC', 'SMC', 'FFC', 'PTZ', 'LNS', 'LNF', 'PHN', 'FLD']],
  ['Vestry cupboard, hooks', ['M02', 'M05', 'M10', 'M25', 'N30', 'B25', 'X20', 'X30', 'O30', 'O50']],
  [
    'Vestry cupboard, cable crates',
    ['H01', 'H03', 'H10', 'H15', 'H20', 'H30', 'B10', 'N02', 'N10', 'X05', 'X10'],
  ],
  ['Vestry cupboard, battery box', ['BAT', 'BIG', 'CHG', 'BUS', 'BST']],
  ['Vestry cupboard, drawer', ['ADD', 'ADC', 'XTR', 'UCC', 'UAC', 'ATR', 'DSK', 'TLP', 'HDP']],
  ['Vestry, behind the door', ['TRI', 'STD', 'LMP', 'KSC', 'KSK', 'KSB', 'RAK']],
];
const DESK = 'Vestry cupboard, desk shelf';

/** What was paid for a thing, in pounds, and how long ago, days. */
const PRICES: Readonly<Record<string, readonly [pounds: number, days: number]>> = {
  CAM: [780, 900],
  FTC: [640, 1200],
  SMC: [260, 1500],
  FFC: [1150, 400],
  PTZ: [1290, 300],
  SWC: [290, 1000],
  SWR: [1840, 300],
  REC: [420, 700],
  SCR: [210, 1100],
  LAP: [560, 800],
  CAL: [480, 800],
  SCA: [160, 600],
  SUB: [330, 500],
  TWO: [190, 1300],
  MON: [110, 1300],
  FLD: [150, 700],
  H2S: [55, 600],
  S2H: [55, 600],
  CAP: [95, 900],
  TKB: [340, 250],
  TKP: [120, 250],
  BEL: [2100, 200],
  DES: [130, 2000],
  MIC: [85, 1500],
  HHM: [60, 1500],
  CTL: [480, 300],
  TAB: [240, 500],
  BST: [390, 350],
  BUS: [65, 350],
  BAT: [140, 700],
  BIG: [210, 90],
  CHG: [120, 700],
  LMP: [95, 600],
  LNS: [410, 1200],
  LNF: [260, 1200],
  TRI: [180, 1000],
  STD: [70, 1000],
  RTR: [130, 400],
  NSW: [75, 400],
  RAK: [160, 300],
  KSC: [120, 1000],
  O30: [75, 500],
  O50: [98, 500],
};
/** What of it was bought used. */
const USED: ReadonlySet<string> = new Set(['FTC', 'DES', 'LNS', 'TWO', 'SMC']);

/** A day some days before (or, with a minus, after) an instant. */
export const dayBefore = (start: string, days: number): string =>
  new Date(Date.parse(start) - days * 24 * 60 * 60_000).toISOString().slice(0, 10);

/** A number that is the same for the same text, for serial numbers that look like such. */
const numbered = (text: string): string =>
  String([...text].reduce((sum, letter) => (sum * 31 + letter.charCodeAt(0)) % 90_000, 7) + 10_000);

/** A thing of the shelf with all that is known of it when an event begins at `start`. */
export function withRecords(item: Item, start: string): Item {
  const [code = '', number = ''] = item.tape.split(' ');
  const price = PRICES[code];
  const kind = demoKinds.kinds[item.kind];
  // A year between tests, and half a year ago at the least for what is carried about most.
  const tested = 120 + (Number(number) % 4) * 20;
  return {
    ...item,
    home: HOMES.find(([, codes]) => codes.includes(code))?.[0] ?? DESK,
    ...(price && {
      serial: `${code}${numbered(item.tape)}`,
      bought: {
        on: dayBefore(start, price[1]),
        price: { amount: price[0], currency: 'GBP' as const },
        ...(USED.has(code) && { used: true }),
      },
      ...(price[0] >= 250 && { insured: { amount: price[0], currency: 'GBP' as const } }),
      condition: USED.has(code) ? 'worn' : 'good',
    }),
    ...(kind &&
      takesMains(kind) && {
        tested: {
          on: dayBefore(start, tested),
          result: 'passed' as const,
          next: dayBefore(start, tested - 365),
          by: 'Parish electrician',
        },
      }),
  };
}
