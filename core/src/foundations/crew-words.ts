/** Words of the crew that documents, stations and access share. */

/** Key of the role that every event has: whoever leads it answers for it, and calls the others. */
export const LEAD_ROLE = 'lead';

export const SKILLS = [
  'lead',
  'mixing',
  'camera',
  'graphics',
  'stream',
  'sound',
  'floor',
  'loading',
] as const;
export type SkillName = (typeof SKILLS)[number];

export const SKILL_LEVELS = ['learning', 'can do', 'can lead'] as const;
export type SkillLevel = (typeof SKILL_LEVELS)[number];

/** What somebody says of some days. Whoever says when they come does not come on other days. */
export const PRESENCES = ['come', 'are away', 'would rather not'] as const;
export type PresenceHow = (typeof PRESENCES)[number];

/**
 * How two people go together: of one household, who come in one car; together, for another reason; related, though of
 * two households; never at one event.
 */
export const TIES = ['one household', 'come together', 'related', 'keep apart'] as const;
export type TieHow = (typeof TIES)[number];

/** Answers of somebody who was put on a role: asked and not answered yet, yes, no, yes unless somebody else can. */
export const ANSWERS = ['asked', 'yes', 'no', 'swap'] as const;
export type AnswerHow = (typeof ANSWERS)[number];
export const ANSWER_WORDS: Readonly<Record<AnswerHow, string>> = {
  asked: 'asked',
  yes: 'said yes',
  no: 'said no',
  swap: 'only if nobody else can',
};
/** Answers that want something yet before those that do not; undefined: nobody has asked. */
export const OPEN_FIRST: readonly (AnswerHow | undefined)[] = [undefined, 'asked', 'swap', 'yes', 'no'];

/** Sorts of work on the day, each of which takes a house its own time. */
export const WORK_SORTS = [
  ...(['carrying', 'operated', 'locked', 'laying', 'ramp', 'plugging', 'powerUp', 'formats'] as const),
  ...(['lineCheck', 'white', 'sync', 'sound', 'recording', 'speedTest', 'privateStream'] as const),
  ...(['striking', 'meal'] as const),
] as const;
export type WorkSort = (typeof WORK_SORTS)[number];

/** Between which work everybody has a break together. */
export const BREAK_PLACES = ['once everything is rigged', 'once everything is checked'] as const;
export type BreakPlace = (typeof BREAK_PLACES)[number];

/**
 * Hours of rest between the last duty of a day and the first of the next: 11 (Directive 2003/88/EC), of those under 18
 * 12, of children 14 (Directive 94/33/EC); local law may want more. Minutes from one venue to another, and days of a
 * hundred on which everything is ready by doors, days before that fair shares remember,
 * days before an event on which answers are wanted: house figures.
 */
export const USUAL_CARE = {
  ...{ rest: 11, restYoung: 12, restUnder15: 14 },
  ...{ between: 30, ready: 90, remembers: 180, replyDays: 7 },
} as const;

/** What wishes that are not kept count beside each other: house figures. */
export const USUAL_WISHES = { ratherNot: 5, apartFromHousehold: 3, learner: 2, change: 1 } as const;
