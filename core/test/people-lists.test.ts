/** People as lists: written, read again as they were, and what is wrong with a line. */
import { describe, expect, it } from 'vitest';
import type { PersonLine } from '../src/api/people.js';
import type { PersonFields } from '../src/documents/index.js';
import { peopleFrom, peopleSheet } from '../src/people-lists/index.js';

const line = (id: string, person: PersonFields): PersonLine => ({ id, revision: 1, ...person });
const ANN = line('ann', { name: 'Ann Árnadóttir', skills: [{ skill: 'camera', level: 'can do' }], most: 2 });
const read = (...rows: string[][]) => peopleFrom(rows, [ANN]);

describe('a list of people', () => {
  it('is read as it was written, whoever is on it', () => {
    const people: PersonFields[] = [
      {
        ...{
          name: '田中太郎',
          phone: '+44 1632 960 101',
          mail: 'taro@example.org',
          youngUntil: '2028-02-29',
        },
        skills: [
          { skill: 'camera', level: 'can lead' },
          { skill: 'stream', level: 'learning' },
        ],
        ...{ lift: 10, most: 0, travel: 45, seats: 3, languages: 'Welsh', needs: 'a ramp', note: 'tea' },
        guardian: { name: 'Hana', phone: '01632 960 102', mail: 'hana@example.org' },
        vetted: { until: '2027-05-01' },
      },
      { name: 'Ólafur', skills: [] },
    ];
    const { columns, sections } = peopleSheet(people, { organisation: 'House', today: '2026-12-01' });
    const rows = [columns.map(({ label }) => label), ...(sections[0]?.rows ?? []).map(row => [...row])];
    const again = peopleFrom(rows, []);
    expect([again.faults, again.leftOut]).toEqual([[], []]);
    expect([...again.people].sort((a, b) => (a.name < b.name ? -1 : 1))).toEqual(
      [...people].sort((a, b) => (a.name < b.name ? -1 : 1)),
    );
  });

  it('changes whoever is called the same, by what its cells say and by nothing else', () => {
    const list = read(
      ['Group', 'MAIL', 'who', 'Events a month', 'shoe size'],
      ['', 'ann@example.org', ' ann árnadóttir ', '2', '38'],
      ['', '', 'Ben', "'+5", ''],
      ['', '', '', '', ''],
    );
    expect(list.changes).toEqual([
      { id: 'ann', name: 'Ann Árnadóttir', fields: { mail: 'ann@example.org' } },
    ]);
    expect(list.people).toEqual([{ name: 'Ben', skills: [], most: 5 }]);
    expect(list.leftOut).toEqual(['shoe size']);
    expect(read(['Name', 'Events a month'], ['Ann Árnadóttir', '2']).unchanged).toBe(1);
  });

  it.each([
    [['Name', 'Skills'], ['Ben', 'juggling'], 'Skills', 'is no skill'],
    [['Name', 'Skills'], ['Ben', 'camera (master)'], 'Skills', 'is no level'],
    [['Name', 'Skills'], ['Ben', 'camera, camera (learning)'], 'Skills', 'is there twice'],
    [['Name', 'Mail'], ['Ben', 'ben'], 'Mail', 'must be'],
    [['Name', 'Phone'], ['Ben', 'ask at the bar'], 'Phone', 'must be digits'],
    [['Name', 'Lifts'], ['Ben', '24'], 'Lifts', '23'],
    [['Name', 'Lifts'], ['Ben', 'much'], 'Lifts', 'must be a number'],
    [['Name', 'Under 18 until'], ['Ben', '2026-02-30'], 'Under 18 until', 'must be a day'],
    [['Name', 'Guardian phone'], ['Ben', '01632 960 102'], 'Guardian phone', 'must'],
    [['Name', 'Phone'], ['', '01632 960 102'], 'Name', 'say it'],
  ])('%j %j is a fault of %s: %s', (head, cells, column, reason) => {
    const { faults, people } = read(head, cells);
    expect(people).toEqual([]);
    expect(faults[0]).toMatchObject({ line: 2, column });
    expect(faults[0]?.reason).toContain(reason);
  });

  it('takes a skill without a level as one that they can do, and a decimal comma as a point', () => {
    const [person] = read(['Name', 'Skills', 'Lift'], ['Ben', 'Camera; stream: can lead', '7,5']).people;
    expect(person).toEqual({
      ...{ name: 'Ben', lift: 7.5 },
      skills: [
        { skill: 'camera', level: 'can do' },
        { skill: 'stream', level: 'can lead' },
      ],
    });
  });

  it('names nobody twice, needs a column of names, and has no more lines than can be looked through', () => {
    expect(read(['Name'], ['Ben'], ['ben']).faults).toEqual([
      { line: 3, column: 'Name', reason: 'is there twice' },
    ]);
    expect(
      peopleFrom(
        [['Name'], ['Ann']],
        [line('a', { name: 'Ann', skills: [] }), line('b', { name: 'ANN', skills: [] })],
      ).faults[0]?.reason,
    ).toContain('several people');
    expect(read(['Phone'], ['1']).faults[0]?.reason).toBe('names no column “Name”');
    const many = Array.from({ length: 5000 }, (_, i) => [`P${i}`]);
    expect(peopleFrom([['Name'], ...many], []).people).toHaveLength(5000);
    expect(peopleFrom([['Name'], ...many, ['one more']], []).faults[0]?.reason).toContain('5000 lines');
  });
});
