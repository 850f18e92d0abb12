/** Fields by which somebody is reached. */
import { constraint } from './decorators.js';

/** So many characters fit into a number and an address. */
export const LONGEST_PHONE = 40;
export const LONGEST_MAIL = 201;

/** At least three digits, and what is written between them. */
const PHONE = /^(?=(?:\D*\d){3})[+(]?[\d\s()./*#x-]{3,40}$/;
/** Something at something: whether anybody reads it there only they can tell (RFC 5321, 4.1.2, loosely). */
const MAIL = /^[^\s@<>,;"]{1,100}@[^\s@<>,;"]{1,100}$/;

const ofPattern = (name: string, pattern: RegExp, says: string) =>
  constraint<[]>({
    name,
    test: value => typeof value === 'string' && pattern.test(value),
    says: () => says,
    schema: () => ({ type: 'string', pattern: pattern.source }),
  });

export const PhoneNumber = ofPattern(
  'phoneNumber',
  PHONE,
  'must be digits, with + in front and spaces between them where there are any',
);
export const MailAddress = ofPattern(
  'mailAddress',
  MAIL,
  'must be an address of mail: a name, @, and where it is',
);
