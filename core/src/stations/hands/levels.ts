/** How well somebody does something. */
import type { Person } from '../../documents/index.js';
import type { SkillLevel, SkillName } from '../../foundations/index.js';

/** Their level in a skill; undefined where they have not begun with it, or nobody is meant. */
export const levelOf = (
  person: Pick<Person, 'skills'> | undefined,
  skill: SkillName,
): SkillLevel | undefined => person?.skills.find(each => each.skill === skill)?.level;
