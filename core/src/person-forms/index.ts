/** Somebody who helps as forms edit them: what is known of them, when they come, with whom, what they were shown. */
import type { PersonChange } from '../api/people.js';
import { PersonFields } from '../documents/people.js';
import { Presence, Tie, Training, type Skill } from '../documents/person-parts.js';
import { changesOf } from '../forms/changes.js';
import { entered } from '../forms/entered.js';
import { formOf } from '../forms/form.js';
import { SKILL_LEVELS, type SkillName } from '../foundations/index.js';
import { faultsOfRecord, recordForm, recordFrom } from '../record-forms/index.js';

export { SKILL_LEVELS, SKILLS } from '../foundations/index.js';
export { isYoungOn } from '../stations/youth.js';
export { DAY_PATTERNS, patternWords, ruleOf, WEEKDAY_NAMES } from './patterns.js';
export { presenceWords, trainingWords } from './words.js';

/** What people enter of somebody, apart from what comes several times. */
export const PERSON_FORM = recordForm(PersonFields);
export const PRESENCE_FORM = recordForm(Presence);
/** The same, as one says it of oneself. */
export const OWN_PRESENCE_FORM: typeof PRESENCE_FORM = {
  ...PRESENCE_FORM,
  fields: PRESENCE_FORM.fields.map(field => (field.name === 'how' ? { ...field, label: 'You' } : field)),
};
export const TIE_FORM = recordForm(Tie);
export const TRAINING_FORM = recordForm(Training);

/** The skills of somebody with one of them at a level; without it where that is blank. */
export function skillsWith(skills: readonly Skill[], skill: SkillName, level: string): Skill[] {
  const others = skills.filter(each => each.skill !== skill);
  const known = SKILL_LEVELS.find(each => each === level);
  return known === undefined ? others : [...others, { skill, level: known }];
}

const NAMES = formOf(PersonFields).map(({ name }) => name);

/** What a draft changes of somebody; fields that are blank now are cleared. */
export const changeOfPerson = (before: object, draft: object): PersonChange =>
  changesOf(before, recordFrom(PERSON_FORM, draft, before), NAMES) as PersonChange;

/** What is wrong with a draft, by the field of its form. */
export function faultsOfPerson(draft: object): Readonly<Record<string, string>> {
  const faults = faultsOfRecord(PERSON_FORM, { skills: [], ...entered(PERSON_FORM.fields, draft) });
  return Object.fromEntries(
    Object.entries(faults).filter(([path]) => NAMES.includes(path.split('.')[0] ?? '')),
  );
}
