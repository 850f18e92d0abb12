/** Units of figures and how they are shown; the core computes in metric, conversion happens here only. */
import type { Value } from './formula.js';
import { showInstant, type DateLocale, type Telling } from './instants.js';
import type { Currency } from './shelf-words.js';

export type Unit =
  | ''
  | 'K'
  | 'mired'
  | 'Hz'
  | 'm'
  | 'm²'
  | 'mm²'
  | 'm³/h'
  | 'm³·K/Wh'
  | 'W/m²'
  | 'W/m²K'
  | 'Pa'
  | 'N'
  | 'm/s'
  | 'm/s²'
  | 's/m'
  | '/min'
  | 'L'
  | 'm/min'
  | 'Ω·mm²/m'
  | 'mm'
  | 'µm'
  | 'f/'
  | 's'
  | 'ms'
  | 'ISO'
  | 'stops'
  | '°'
  | 'lx'
  | 'lx·s'
  | 'min'
  | 'h'
  | 'px'
  | 'kb/s'
  | 'Mb/s'
  | 'MB/s'
  | 'GB'
  | 'W'
  | 'A'
  | 'mA'
  | 'V'
  | 'VA'
  | 'Ω'
  | 'Ω/m'
  | 'Wh'
  | 'Ah'
  | 'kg'
  | 'U'
  | '%'
  | '×'
  | 'dB'
  | 'dB/100 m'
  | 'dB(A)'
  | '°C'
  | 'MHz'
  | 'pieces'
  | 'people'
  | 'rolls'
  | 'trips'
  | 'money'
  | 'money/GB'
  | 'money/h'
  | 'money/km'
  | 'km'
  | 'days'
  | 'years'
  | 'instant';

export type UnitSystem = 'metric' | 'imperial';

const DECIMALS: Partial<Record<Unit, number>> = {
  m: 2,
  'm²': 1,
  A: 1,
  mA: 1,
  V: 1,
  Ω: 3,
  kg: 1,
  L: 1,
  'Mb/s': 2,
  GB: 1,
  h: 2,
  Ah: 1,
  '×': 2,
  dB: 1,
  stops: 1,
  µm: 1,
  'dB/100 m': 1,
  'm/s': 1,
  'm/s²': 2,
  km: 1,
  days: 1,
  years: 1,
  '': 2,
};

export interface Shown {
  readonly text: string;
  readonly unit: string;
}

/** How a person reads figures: unit system, and where and in which way instants are told. */
export interface Reading extends Telling {
  readonly system: UnitSystem;
  /** What sums of money are in; absent = the house has not said. */
  readonly currency?: Currency | undefined;
}

/** A sum to the cent: what is left beyond it came of reckoning. */
export const toCents = (sum: number): number => Math.round(sum * 100) / 100 || 0;

/** `£1,234.50`, `US$900.00`; a bare number where nobody has said in what. */
export const showMoney = (
  amount: number,
  currency: Currency | undefined,
  dates: DateLocale = 'en-GB',
): string =>
  minusSign(
    new Intl.NumberFormat(dates, {
      ...(currency ? { style: 'currency', currency } : { minimumFractionDigits: 2 }),
      maximumFractionDigits: 2,
    })
      .format(toCents(amount))
      .replaceAll(/\s/g, ' '),
  );

/** m. */
export const FOOT = 0.3048;
const POUND = 0.45359237;

const minusSign = (text: string): string => text.replace(/^-/, '−');

/** A number at fixed decimals without a negative zero. */
function fixed(value: number, decimals: number): string {
  const text = value.toFixed(decimals);
  return minusSign(Number(text) === 0 ? text.replace('-', '') : text);
}

/** Metres as feet and inches to the nearest half inch: 3.81 → 12′ 6″. */
export function feetAndInches(metres: number): string {
  const halves = Math.round((Math.abs(metres) / FOOT) * 24);
  const feet = Math.floor(halves / 24);
  const inches = (halves % 24) / 2;
  return `${metres < 0 && halves > 0 ? '−' : ''}${feet}′ ${inches}″`;
}

/** A value in words at the precision people read: `3.81 m` or `12′ 6″`; booleans as yes and no. */
export function show(value: Value, unit: Unit, reading: Reading): Shown {
  if (value === null) return { text: '–', unit: '' };
  if (typeof value === 'boolean') return { text: value ? 'yes' : 'no', unit: '' };
  if (typeof value === 'string') {
    return { text: unit === 'instant' ? showInstant(value, reading) : value, unit: '' };
  }
  if (reading.system === 'imperial') {
    if (unit === 'm') return { text: feetAndInches(value), unit: '' };
    if (unit === 'm²') return { text: fixed(value / FOOT ** 2, 0), unit: 'ft²' };
    if (unit === 'kg') return { text: fixed(value / POUND, 1), unit: 'lb' };
    if (unit === '°C') return { text: fixed((value * 9) / 5 + 32, 0), unit: '°F' };
  }
  if (isMoney(unit)) return moneyShown(value, unit, reading);
  if (unit === 'f/') return { text: `f/${fixed(value, value < 10 ? 1 : 0)}`, unit: '' };
  if (unit === 's' && value > 0 && value < 1) return { text: `1/${Math.round(1 / value)}`, unit };
  const decimals = DECIMALS[unit] ?? 0;
  return { text: fixed(value, Number.isInteger(value) && unit !== 'm' ? 0 : decimals), unit };
}

const isMoney = (unit: Unit): boolean => unit.startsWith('money');

/** A sum, or one for each of something: `£2.50` `/GB`. */
const moneyShown = (value: number, unit: Unit, { currency, dates }: Reading): Shown => ({
  text: showMoney(value, currency, dates),
  unit: [...(currency ? [] : ['in the currency of the house']), unit.slice('money'.length)]
    .filter(Boolean)
    .join(' '),
});

/** Value and unit as one text. */
export function showText(value: Value, unit: Unit, reading: Reading): string {
  const shown = show(value, unit, reading);
  return shown.unit ? `${shown.text} ${shown.unit}` : shown.text;
}

const IMPERIAL: Readonly<Partial<Record<Unit, { readonly unit: string; readonly size: number }>>> = {
  m: { unit: 'ft', size: FOOT },
  'm²': { unit: 'ft²', size: FOOT ** 2 },
  kg: { unit: 'lb', size: POUND },
};

/** A value as a table reckons with it: a plain number in the unit people use, to the thousandth, feet as decimals. */
export function tableNumber(value: number, unit: Unit, system: UnitSystem): { value: number; unit: string } {
  const other = system === 'imperial' ? IMPERIAL[unit] : undefined;
  const own = other ? value / other.size : value;
  return { value: Math.round(own * 1000) / 1000, unit: other?.unit ?? unit };
}

/** A value as it stands in a field, to the last digit that was entered: `9.6 mm`; feet and pounds as people read them. */
export function typedText(value: number, unit: Unit, system: UnitSystem): string {
  if (system === 'imperial' && (unit === 'm' || unit === 'kg')) {
    return showText(value, unit, { system, zone: 'UTC' });
  }
  if (unit === 'f/') return `f/${value}`;
  return unit === '' || unit === 'pieces' ? String(value) : `${value} ${unit}`;
}

/** A length, weight or temperature in a sentence, as short as it is exact to the centimetre, 100 g or degree: `1.5 m`, `4′ 11″`. */
export function inWords(value: number, unit: 'm' | 'kg' | '°C', system: UnitSystem): string {
  if (system === 'imperial') return showText(value, unit, { system, zone: 'UTC' });
  return `${minusSign(String(Number(value.toFixed(DECIMALS[unit] ?? 0))))} ${unit}`;
}

const LENGTH =
  /^\s*(?:(\d+(?:\.\d+)?)\s*(?:'|′|ft))?\s*(?:(?:(\d+(?:\.\d+)?)(?!\/))?\s*(?:(\d+)\/(\d+))?\s*(?:"|″|in))?\s*$/;

/** One comma or point before three digits: a thousand to some, a part of one to others. */
const EITHER = /^[-−]?[1-9]\d{0,2},\d{3}(?![\d.,])/;

/** Why a number cannot be read that may mean two things, in words; undefined where it means one. */
export function whyEither(text: string): string | undefined {
  const [number] = EITHER.exec(text.trim()) ?? [];
  if (number === undefined) return undefined;
  return `“${number}” may be ${number.replace(',', '.')} or ${number.replace(',', '')}: write one of these`;
}

/** Groups of thousands taken out and a point for the decimals; undefined where it may mean two things. */
function plainNumber(text: string): string | undefined {
  const plain = text.trim();
  if (EITHER.test(plain)) return undefined;
  const grouped =
    /^([-−]?[1-9]\d{0,2}(?:,\d{3})+)(\.\d+)?(?!\d)|^([-−]?[1-9]\d{0,2}(?:\.\d{3})+)(,\d+)(?!\d)/.exec(plain);
  if (!grouped) return plain.replace(',', '.');
  const [all, commas, point = '', points = '', comma = ''] = grouped;
  const number =
    commas === undefined
      ? `${points.replaceAll('.', '')}${comma.replace(',', '.')}`
      : `${commas.replaceAll(',', '')}${point}`;
  return `${number}${plain.slice(all.length)}`;
}

/** Metres and what is left over in smaller units: `14m 50cm`, `14 m 50`. */
const METRES_AND = /^([-−]?)(\d+)\s*m\s*(?:(\d{1,2})(?:\s*cm)?)?\s*(?:(\d{1,3})\s*mm)?$/;

/**
 * A length as people write it, in metres: `3.81`, `3.81 m`, `381 cm`, `3 m 81 cm`, `1,250.5 m`, `12' 6"`, `12.5 ft`,
 * `150 in`, `6 1/2"`. A bare number is metres in the metric system and feet in the imperial one. Undefined when
 * unreadable, or where it may mean two things (`whyEither`).
 */
export function parseLength(text: string, system: UnitSystem): number | undefined {
  const plain = plainNumber(text);
  if (plain === undefined) return undefined;
  const [, sign, whole, centimetres = 0, millimetres = 0] = METRES_AND.exec(plain) ?? [];
  if (whole !== undefined) {
    const metres = Number(whole) + Number(centimetres) / 100 + Number(millimetres) / 1000;
    return sign === '' ? metres : -metres;
  }
  const metric = /^([-−]?\d+(?:\.\d+)?)\s*(m|cm|mm)?$/.exec(plain);
  if (metric?.[1]) {
    const value = Number(metric[1].replace('−', '-'));
    if (metric[2] === 'cm') return value / 100;
    if (metric[2] === 'mm') return value / 1000;
    return metric[2] === 'm' || system === 'metric' ? value : value * FOOT;
  }
  const below = /^[-−]/.test(plain);
  const [, feet, inches, over, under] = LENGTH.exec(below ? plain.slice(1) : plain) ?? [];
  if (feet === undefined && inches === undefined && over === undefined) return undefined;
  const part = over === undefined ? 0 : Number(over) / Number(under);
  const metres = (Number(feet ?? 0) + (Number(inches ?? 0) + part) / 12) * FOOT;
  return Number.isFinite(metres) ? (below ? -metres : metres) : undefined;
}

const NUMBER = /^([-−]?\d+(?:\.\d+)?)\s*(.*)$/;

/**
 * A number as people write it with or without its unit, in the core’s unit: `140`, `140 lx`, `2,5 kg`, `6 lb`. A
 * bare number is in the unit people read. Undefined when unreadable, in another unit, or where it may mean two things.
 */
export function parseQuantity(text: string, unit: Unit, system: UnitSystem): number | undefined {
  const plain = unit === 'f/' ? text.trim().replace(/^f\s*\/?\s*/i, '') : text.trim();
  const [, digits, written = ''] = NUMBER.exec(plainNumber(plain) ?? '') ?? [];
  if (digits === undefined) return undefined;
  const value = Number(digits.replace('−', '-'));
  const own = unit === 'kg' && system === 'imperial' ? 'lb' : unit;
  const given = written.trim() || own;
  if (unit === 'kg' && given === 'lb') return value * POUND;
  return given.toLowerCase() === unit.toLowerCase() ? value : undefined;
}
