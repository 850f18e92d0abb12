/** What a list of people has columns for: how each is written into a cell, and read from one. */
import type { Guardian, PersonFields, Skill } from '../documents/index.js';
import { SKILL_LEVELS, SKILLS, type SkillLevel } from '../foundations/index.js';

/** A person half read: what cells have said so far. */
export type Said = { -readonly [Field in keyof PersonFields]?: PersonFields[Field] } & {
  guardian?: Guardian;
};

export interface PeopleColumn {
  readonly label: string;
  /** Other names that it is known by, in small letters. */
  readonly also: readonly string[];
  readonly width: number;
  readonly write: (person: PersonFields) => string | undefined;
  /** Puts what a cell says into a person; gives why it cannot. */
  readonly read: (text: string, said: Said) => string | undefined;
}

type Texts = 'name' | 'phone' | 'mail' | 'languages' | 'needs' | 'note' | 'youngUntil';
type Counts = 'most' | 'travel' | 'seats' | 'lift';

const text = (field: Texts, label: string, width: number, ...also: string[]): PeopleColumn => ({
  ...{ label, width, also },
  write: person => person[field],
  read: (cell, said) => {
    said[field] = cell;
    return undefined;
  },
});

const count = (field: Counts, label: string, width: number, ...also: string[]): PeopleColumn => ({
  ...{ label, width, also },
  write: person => (person[field] === undefined ? undefined : String(person[field])),
  read: (cell, said) => {
    const value = Number(cell.replace(',', '.'));
    if (!Number.isFinite(value)) return 'must be a number';
    said[field] = value;
    return undefined;
  },
});

const guardian = (field: keyof Guardian, label: string, width: number, ...also: string[]): PeopleColumn => ({
  ...{ label, width, also },
  write: person => person.guardian?.[field],
  read: (cell, said) => {
    said.guardian = { ...(said.guardian ?? { name: '' }), [field]: cell };
    return undefined;
  },
});

/** `camera (can lead), stream (learning)`; a skill without a level is one that they can do. */
export const skillsWritten = (skills: readonly Skill[]): string =>
  skills.map(({ skill, level }) => `${skill} (${level})`).join(', ');

function skillsRead(cell: string): Skill[] | string {
  const found: Skill[] = [];
  for (const part of cell
    .split(/[,;]/)
    .map(each => each.trim())
    .filter(Boolean)) {
    const [, name = '', level = ''] = /^([^(:]+?)\s*(?:[(:]\s*([^)]*)\)?)?$/.exec(part) ?? [];
    const skill = SKILLS.find(each => each === name.trim().toLowerCase());
    if (!skill) return `“${part}” is no skill: ${SKILLS.join(', ')}`;
    const known: SkillLevel | undefined =
      level.trim() === '' ? 'can do' : SKILL_LEVELS.find(each => each === level.trim().toLowerCase());
    if (!known) return `“${level.trim()}” is no level: ${SKILL_LEVELS.join(', ')}`;
    if (found.some(each => each.skill === skill)) return `“${skill}” is there twice`;
    found.push({ skill, level: known });
  }
  return found;
}

const SKILLS_COLUMN: PeopleColumn = {
  ...{ label: 'Skills', width: 30, also: ['skill', 'can'] },
  write: ({ skills }) => skillsWritten(skills),
  read: (cell, said) => {
    const skills = skillsRead(cell);
    if (typeof skills === 'string') return skills;
    said.skills = skills;
    return undefined;
  },
};

const VETTED: PeopleColumn = {
  ...{ label: 'Vetted until', width: 12, also: ['vetted', 'vetting'] },
  write: ({ vetted }) => vetted?.until,
  read: (cell, said) => {
    said.vetted = { until: cell };
    return undefined;
  },
};

export const PEOPLE_COLUMNS: readonly PeopleColumn[] = [
  text('name', 'Name', 22, 'full name', 'who'),
  SKILLS_COLUMN,
  text('phone', 'Phone', 16, 'telephone', 'mobile', 'tel'),
  text('mail', 'Mail', 24, 'email', 'e-mail'),
  text('youngUntil', 'Under 18 until', 13),
  count('lift', 'Lifts at most, kg', 9, 'lifts', 'lift'),
  count('most', 'Events a month', 9, 'most', 'events a month at most'),
  count('travel', 'Usual way, min', 9, 'way', 'travel'),
  count('seats', 'Takes along', 9, 'seats'),
  text('languages', 'Languages', 14, 'language'),
  text('needs', 'What they need', 20, 'needs'),
  text('note', 'Note', 20, 'notes'),
  guardian('name', 'Guardian', 18),
  guardian('phone', 'Guardian’s phone', 16, 'guardian phone', "guardian's phone"),
  guardian('mail', 'Guardian’s mail', 22, 'guardian mail', "guardian's mail"),
  VETTED,
];
