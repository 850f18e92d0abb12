/** Which passwords are taken, how codes are typed, and from where a try comes. */
import { describe, expect, it } from 'vitest';
import { passwordFault } from '../src/features/accounts/passwords.js';
import { placeOf } from '../src/features/accounts/tries.js';
import { codeAsShown, newCode } from '../src/gate/secrets.js';

describe('a password', () => {
  it.each([
    ['eleven char', 'must have 12'],
    ['qwertyqwerty', 'tried first'],
    ['123456789012', 'tried first'],
    ['abababababab', 'tried first'],
    ['administrator', 'tried first'],
    ['OlwenTester1', 'names'],
    [' '.repeat(12), 'tried first'],
    ['x'.repeat(201), '200 characters or fewer'],
  ])('%j is not taken', (password, reason) => {
    expect(passwordFault(password, ['Olwen Tester', 'olwen'])).toContain(reason);
  });

  it.each([
    'seven geese over the weir',
    'øåæ ßüöä łńż',
    'correct horse battery',
    'Olwen walks by the old mill',
  ])('%j is, without rules about what is in it', password =>
    expect(passwordFault(password, ['Olwen Tester', 'olwen'])).toBeUndefined(),
  );
});

describe('codes and places', () => {
  it('a code is read whichever way it is typed', () => {
    const code = newCode();
    expect(code).toMatch(/^[2-9A-HJKMNP-TV-Z]{4}(-[2-9A-HJKMNP-TV-Z]{4}){3}$/);
    expect(codeAsShown(` ${code.toLowerCase().replaceAll('-', ' ')} `)).toBe(code);
  });
  it.each([
    ['192.0.2.7', '192.0.2.7'],
    ['::ffff:192.0.2.7', '192.0.2.7'],
    ['2001:db8:1:2:3:4:5:6', '2001:db8:1:2'],
    ['2001:db8::1', '2001:db8:0:0'],
    ['::1', '0:0:0:0'],
  ])('%s is of the place %s', (address, place) => expect(placeOf(address)).toBe(place));
});
