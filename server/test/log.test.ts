/** The log says what went wrong, and names nobody. */
import { DatabaseError, UniqueConstraintError } from 'sequelize';
import { describe, expect, it } from 'vitest';
import { newLog } from '../src/log.js';

const logged = (error: Error): string => {
  const lines: string[] = [];
  newLog('info', { write: line => void lines.push(line) }).error(error);
  return lines.join('');
};

/** What Postgres throws: its message and its detail name the values that it refuses. */
const refused = Object.assign(new Error('invalid input syntax for type integer: "Petra Lund"'), {
  ...{ severity: 'ERROR', code: '22P02', table: 'people', detail: 'Key (name)=(Petra Lund) already exists.' },
  ...{ sql: 'INSERT …', parameters: ['Petra Lund'] },
});

describe('the log', () => {
  it.each([
    ['of Postgres', refused],
    ['of a query', new DatabaseError(refused as ConstructorParameters<typeof DatabaseError>[0])],
    [
      'of what must be there once',
      new UniqueConstraintError({
        message: 'Petra Lund',
        parent: refused,
        fields: { name: 'Petra Lund' },
      }),
    ],
  ])('of an error %s keeps its code and where it arose, and no value', (_, error) => {
    const text = logged(error);
    expect(text).not.toMatch(/Petra/);
    expect(JSON.parse(text)).toMatchObject({ err: { code: '22P02', table: 'people' } });
    expect((JSON.parse(text) as { err: { stack: string } }).err.stack).toMatch(/^\s+at .*log\.test/);
  });

  it('tells what any other error says', () => {
    expect(JSON.parse(logged(new Error('no such file')))).toMatchObject({ err: { message: 'no such file' } });
  });
});
