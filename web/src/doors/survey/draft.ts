/** A survey as it is typed: texts, and what they say in metres, or why they say nothing. */
import {
  inWords,
  parseLength,
  readMarks,
  ROW_SPACING,
  whyEither,
  shapeOf,
  type ShapeName,
  type Survey,
  type SurveyedDoor,
  type SurveyedSocket,
  type SurveyedStage,
  type UnitSystem,
  type Wall,
} from '@idle-satchel/core';

export interface SocketDraft {
  readonly wall: Wall;
  readonly along: string;
  readonly circuit: string;
}

export interface DoorDraft {
  readonly wall: Wall;
  readonly along: string;
  readonly width: string;
  readonly kind: 'exit' | 'inner';
}

export interface Draft {
  readonly name: string;
  readonly shape: ShapeName;
  /** What was typed for each measure, by its key. */
  readonly measures: Readonly<Record<string, string>>;
  readonly mains: '230/50' | '120/60';
  readonly seats: boolean;
  readonly rows: string;
  readonly perRow: string;
  readonly rowSpacing: string;
  readonly aisle: string;
  readonly stage: boolean;
  readonly stageDepth: string;
  readonly stageWidth: string;
  readonly stageHeight: string;
  readonly doors: readonly DoorDraft[];
  readonly light: string;
  readonly zone: string;
  readonly breakers: string;
  readonly sockets: readonly SocketDraft[];
  readonly marks: string;
}

/** What a group of fields shows and changes of the draft. */
export interface Group {
  readonly draft: Draft;
  readonly faults: Readonly<Record<string, string>>;
  readonly onChange: (part: Partial<Draft>) => void;
}

export const emptyDraft = (system: UnitSystem, zone: string): Draft => ({
  name: '',
  shape: 'hall',
  measures: {},
  seats: true,
  rows: '',
  perRow: '',
  rowSpacing: '',
  aisle: '',
  stage: false,
  stageDepth: '',
  stageWidth: '',
  stageHeight: '',
  doors: [{ wall: 'west', along: '', width: '', kind: 'exit' }],
  light: '',
  zone,
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

const known = <Name extends string>(name: Name, value: number | undefined): { [name in Name]?: number } =>
  value === undefined ? {} : ({ [name]: value } as { [name in Name]: number });

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
  const doors = draft.doors.map(({ wall, kind, along, width }, i): SurveyedDoor => ({
    wall,
    kind,
    ...known('along', metres(`door ${i}`, along, 0, 900)),
    ...known('width', metres(`door width ${i}`, width, 0.5, 8)),
  }));
  const stage: SurveyedStage = {
    ...known('depth', metres('stageDepth', draft.stageDepth, 0.5, 50)),
    ...known('width', metres('stageWidth', draft.stageWidth, 0.5, 300)),
    ...known('height', metres('stageHeight', draft.stageHeight, 0.05, 5)),
  };
  const [volts, hertz] = draft.mains === '230/50' ? ([230, 50] as const) : ([120, 60] as const);
  return {
    faults,
    survey: {
      system,
      name: draft.name.trim() || 'New venue',
      shape: draft.shape,
      measures,
      volts,
      hertz,
      zone: draft.zone,
      seats: draft.seats,
      ...known('rows', whole('rows', draft.rows, 1, 100)),
      ...known('perRow', whole('perRow', draft.perRow, 1, 100)),
      ...known('rowSpacing', metres('rowSpacing', draft.rowSpacing, ROW_SPACING.least, 3)),
      ...known('aisle', metres('aisle', draft.aisle, 0.5, 10)),
      ...(draft.stage && { stage }),
      ...known('light', whole('light', draft.light, 0, 150_000)),
      doors,
      circuits: good,
      sockets,
      marks: readMarks(draft.marks),
    },
  };
}
