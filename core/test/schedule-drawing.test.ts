/** Bars of the accepted schedule. */
import { describe, expect, it } from 'vitest';
import { assess } from '../src/assess.js';
import { BARS, scheduleDrawing } from '../src/schedule-drawing/index.js';
import { scheduled } from './scheduled.js';
import { friday } from './stations/edited.js';

const READING = { system: 'metric', zone: 'Europe/London' } as const;

describe('bars of a schedule', () => {
  const bundle = scheduled(friday);
  const drawing = scheduleDrawing(bundle, assess(bundle), READING, 'work');

  it('lie along the time after the call, to the rehearsal', () => {
    // Called at 16:40, the rehearsal at 18:20: 100 min.
    expect(drawing?.minute).toBeCloseTo((BARS.right - BARS.left) / 100, 9);
    expect(drawing?.due).toEqual({ x: BARS.right, words: 'rehearsal 18:20' });
    const [row] = drawing?.rows ?? [];
    const [bar] = row?.bars ?? [];
    expect([row?.name, row?.free]).toEqual(['Petra Lund', 5]);
    expect(bar).toMatchObject({ key: 'rig camwide01', work: 'workrig001', when: '16:45–16:57', fixed: true });
    expect(bar?.x).toBeCloseTo(BARS.left + 5 * (drawing?.minute ?? 0), 9);
    expect(bar?.width).toBeCloseTo(12 * (drawing?.minute ?? 0), 9);
    expect(drawing?.ready).toBeUndefined();
  });

  it('are ruled at round times, none so late that its name would not fit', () => {
    const clocks = drawing?.ticks.map(({ clock }) => clock) ?? [];
    expect(clocks[0]).toBe('16:40');
    expect(clocks.every(clock => clock.endsWith('0'))).toBe(true);
    expect(Math.max(...(drawing?.ticks ?? []).map(({ x }) => x))).toBeLessThanOrEqual(BARS.right - 48);
  });

  it('of the strike lie along the time after the end, to when it is planned to be over', () => {
    const strike = scheduleDrawing(bundle, assess(bundle), READING, 'strike');
    const [bar] = strike?.rows[0]?.bars ?? [];
    // Live until 21:15; half of 12 min.
    expect(bar).toMatchObject({ key: 'strike rig camwide01', work: 'workdown01', fixed: false, begins: 0 });
    expect(bar?.width).toBeCloseTo(6 * (strike?.minute ?? 0), 9);
    expect(strike?.due?.words).toMatch(/^as planned/);
    expect(strike?.ready).toBeUndefined();
  });

  it('are none where no schedule was accepted', () => {
    expect(scheduleDrawing(friday, assess(friday), READING, 'work')).toBeUndefined();
    expect(scheduleDrawing(friday, assess(friday), READING, 'strike')).toBeUndefined();
  });
});
