/** What is typed into the quick survey, in both unit systems, and what is refused. */
import { describe, expect, it } from 'vitest';
import { drawnFrom, emptyDraft, type Draft } from '../src/doors/survey/draft.js';

const typed = (part: Partial<Draft>, system: 'metric' | 'imperial' = 'metric') =>
  drawnFrom({ ...emptyDraft(system, 'Europe/London'), ...part }, system);

describe('a survey as typed', () => {
  it('takes metres with point or comma, feet and inches, and leaves what is empty unmeasured', () => {
    expect(typed({ measures: { length: '16.4', width: '' } }).survey.measures).toEqual({ length: 16.4 });
    expect(typed({ measures: { length: '16,4 m' } }).survey.measures.length).toBeCloseTo(16.4, 9);
    const { measures } = typed({ measures: { length: "48'", width: '30\' 6"' } }, 'imperial').survey;
    expect(measures.length).toBeCloseTo(48 * 0.3048, 6);
    expect(measures.width).toBeCloseTo(30.5 * 0.3048, 6);
  });

  it('says why a text is no length, no number or no breaker, and draws on without it', () => {
    const { survey, faults } = typed({
      shape: 'nave',
      measures: { length: 'long', width: '5000', pillars: '3.5' },
      breakers: '16 lots',
      aisle: '-1',
      sockets: [{ wall: 'north', along: 'corner', circuit: '7' }],
    });
    expect(Object.keys(faults).sort()).toEqual(
      ['aisle', 'along 0', 'breakers', 'circuit 0', 'length', 'pillars', 'width'].sort(),
    );
    expect(faults.length).toContain('12.5');
    expect(faults.pillars).toBe('a whole number from 0 to 20');
    expect(survey.measures).toEqual({});
    expect(survey.circuits).toEqual([16]);
    expect(survey.sockets).toEqual([{ wall: 'north', circuit: 1 }]);
  });

  it('reads marks between commas and breakers between anything', () => {
    const { survey } = typed({ marks: ' Lectern, Choir ;Soloist,, ', breakers: '16, 20;32' });
    expect(survey.marks).toEqual([{ label: 'Lectern' }, { label: 'Choir' }, { label: 'Soloist' }]);
    expect(survey.circuits).toEqual([16, 20, 32]);
  });

  it('starts with the mains of the country the house measures in', () => {
    expect(typed({}).survey).toMatchObject({ volts: 230, hertz: 50, circuits: [16, 16] });
    expect(typed({}, 'imperial').survey).toMatchObject({ volts: 120, hertz: 60, circuits: [15, 15] });
    expect(typed({}).survey.name).toBe('New venue');
  });
});
