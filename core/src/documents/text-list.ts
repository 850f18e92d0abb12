/** Fields that are lists of texts. */
import { constraint } from './decorators.js';

/** Up to so many different texts, each of up to so many characters. */
export const Texts = constraint<[longest: number, most: number]>({
  name: 'texts',
  test: (value, longest, most) =>
    Array.isArray(value) &&
    value.length <= most &&
    value.every(each => typeof each === 'string' && each.length >= 1 && each.length <= longest) &&
    new Set<unknown>(value).size === value.length,
  says: (longest, most) => `must be up to ${most} different texts of up to ${longest} characters`,
  schema: (longest, most) => ({
    type: 'array',
    items: { type: 'string', minLength: 1, maxLength: longest },
    maxItems: most,
    uniqueItems: true,
  }),
});
