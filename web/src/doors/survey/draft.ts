/** A survey as it is typed: texts, and what they say in metres, or why they say nothing. */
import {
  inWords,
  parseLength,
  whyEither,
  shapeOf,
  type ShapeName,
  type Survey,
  type SurveyedSocket,
  type UnitSystem,
  type Wall,
} from '@idle-satchel/core';

export interface SocketDraft {
  readonly wall: Wall;
  readonly along: string;
  readonly circuit: string;
}

export interface Draft {
  readonly name: string;
  readonly shape: ShapeName;
  /** What was typed for each measure, by its key. */
  readonly measures: Readonly<Record<string, string>>;
  readonly mains: '230/50' | '120/60';
  readonly seats: boolean;
  readonly aisle: string;
  readonly breakers: string;
  readonly sockets: readonly SocketDraft[];
  readonly marks: string;
}

export const emptyDraft = (system: UnitSystem): Draft => ({
  name: '',
  shape: 'hall',
  measures: {},
  seats: true,
  aisle: '',
  marks: '',
  mains: system === 'metric' ? '230/50' : '120/60',
  breakers: system === 'metric' ? '16 16' : '15 15',
  sockets: (['north', 'south', 'north', 'south'] as const).map((wall, i) => ({
    wall,
    along: '',
    circuit: String((i % 2) + 1),
  })),
});

export interface Drawn {
  readonly survey: Survey;
  /** Why a field’s text was not taken, by the field. */
  readonly faults: Readonly<Record<string, string>>;
}

const list = (text: string): string[] =>
  text
    .split(/[,;]+/)
    .map(word => word.trim())
    .filter(Boolean);

/** What a draft says so far; a field with a fault counts as not measured. */
export function drawnFrom(draft: Draft, system: UnitSystem): Drawn {
  const faults: Record<string, string> = {};
  const metres = (field: string, text: string, min: number, max: number): number | undefined => {
    if (text.trim() === '') return undefined;
    const value = parseLength(text, system);
    if (value === undefined) faults[field] = whyEither(text) ?? 'a length such as 12.5 or 12′ 6″';
    else if (value < min || value > max)
      faults[field] = `from ${inWords(min, 'm', system)} to ${inWords(max, 'm', system)}`;
    else return value;
    return undefined;
  };
  const whole = (field: string, text: string, min: number, max: number): number | undefined => {
    if (text.trim() === '') return undefined;
    const value = Number(text);
    if (Number.isInteger(value) && value >= min && value <= max) return value;
    faults[field] = `a whole number from ${min} to ${max}`;
    return undefined;
  };
  const measures = Object.fromEntries(
    shapeOf(draft.shape).measures.flatMap(({ key, unit, min, max }) => {
      const text = draft.measures[key] ?? '';
      const value = unit === 'm' ? metres(key, text, min, max) : whole(key, text, min, max);
      return value === undefined ? [] : [[key, value]];
    }),
  );
  const amps = draft.breakers
    .split(/[\s,;]+/)
    .filter(Boolean)
    .map(Number);
  const good = amps.filter(each => each >= 1 && each <= 125);
  if (good.length !== amps.length) faults.breakers = 'amperes of each breaker, such as 16 16';
  const sockets = draft.sockets.map(({ wall, along, circuit }, i): SurveyedSocket => {
    const at = metres(`along ${i}`, along, 0, 900);
    const number = whole(`circuit ${i}`, circuit, 1, Math.max(1, good.length)) ?? 1;
    return { wall, circuit: number, ...(at === undefined ? {} : { along: at }) };
  });
  const aisle = metres('aisle', draft.aisle, 0.5, 10);
  const [volts, hertz] = draft.mains === '230/50' ? ([230, 50] as const) : ([120, 60] as const);
  return {
    faults,
    survey: {
      name: draft.name.trim() || 'New venue',
      shape: draft.shape,
      measures,
      volts,
      hertz,
      seats: draft.seats,
      ...(aisle === undefined ? {} : { aisle }),
      circuits: good,
      sockets,
      marks: list(draft.marks).map(label => label.slice(0, 60)),
    },
  };
}
