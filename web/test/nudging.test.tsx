// @vitest-environment happy-dom
/** Nudging with the keys: devices on the plan, parts of the venue. */
import type { Point } from '@idle-satchel/core';
import { act, fireEvent } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import { usePartNudging } from '../src/bench/drafting/use-part-nudging.js';
import { useDeviceNudging } from '../src/bench/use-nudging.js';
import { keyName } from '../src/ui/shortcuts.js';
import { camera, store } from './friday-open.js';
import { hasHands, hook, key, sent } from './hands.js';
import { drawsFriday, ui } from './rendered.js';

drawsFriday();
hasHands();

describe('nudging a camera', () => {
  beforeEach(() => ui.select('camnorth1'));
  const nudges = (active = true): void => void hook(() => useDeviceNudging(active));

  it.each([
    ['ArrowLeft', {}, [10.3, 1.9]],
    ['ArrowRight', {}, [10.5, 1.9]],
    ['ArrowUp', {}, [10.4, 1.8]],
    ['ArrowDown', {}, [10.4, 2]],
    ['ArrowRight', { shiftKey: true }, [11.4, 1.9]],
    ['ArrowDown', { shiftKey: true }, [10.4, 2.9]],
  ] as const)('%s %o puts it at %o', (name, of, at) => {
    nudges();
    key(name, of);
    expect(camera()?.place?.at).toEqual(at);
  });

  it('turns it by five degrees from where it points', () => {
    nudges();
    const aim = Number(store.get().assessment.shots.cameras.camnorth1?.aim.value);
    key('r');
    expect(camera()?.place?.facing).toBe(Math.round(aim + 5));
    key('r', { shiftKey: true });
    key('r', { shiftKey: true });
    expect(camera()?.place?.facing).toBe(Math.round(aim + 5) - 10);
  });

  it('is one edit for quick ones', async () => {
    nudges();
    key('ArrowRight');
    key('ArrowRight');
    expect(camera()?.place?.at).toEqual([10.6, 1.9]);
    expect(await sent()).toEqual(['Move C2 NORTH']);
  });

  it('does nothing where the ground is worked on, nothing is selected, or something is drawn', () => {
    nudges(false);
    key('ArrowRight');
    expect(camera()?.place?.at).toEqual([10.4, 1.9]);
    nudges();
    ui.select(undefined);
    key('ArrowRight');
    ui.select('camnorth1');
    ui.set({ tool: { kind: 'measure', ends: [] } });
    key('ArrowRight');
    expect(camera()?.place?.at).toEqual([10.4, 1.9]);
  });

  it('leaves keys to whoever types', () => {
    nudges();
    const input = document.createElement('input');
    document.body.append(input);
    act(() => void fireEvent.keyDown(input, { key: 'ArrowRight' }));
    expect(camera()?.place?.at).toEqual([10.4, 1.9]);
    input.remove();
  });
});

describe('names of keys', () => {
  it.each([
    [{ key: 'U', shiftKey: true }, 'Shift+u'],
    [{ key: 'u' }, 'u'],
    [{ key: 'z', ctrlKey: true }, 'Ctrl+z'],
    [{ key: 'z', metaKey: true }, 'Ctrl+z'],
    [{ key: 'Z', ctrlKey: true, shiftKey: true }, 'Ctrl+Shift+z'],
    [{ key: 'ArrowLeft', shiftKey: true }, 'Shift+ArrowLeft'],
    // A sign that is typed with Shift is its own key.
    [{ key: '?', shiftKey: true }, '?'],
    [{ key: 'Enter', shiftKey: true }, 'Enter'],
  ])('%o is %s', (of, name) => {
    expect(keyName(new KeyboardEvent('keydown', of))).toBe(name);
  });
});

describe('nudging a part of the venue', () => {
  const MARK = '/marks/marktable';
  const at = (): Point | undefined => store.get().assessment.ground.venue.marks?.marktable?.at;
  beforeEach(() => {
    hook(usePartNudging);
    ui.set({ parts: [MARK] });
  });

  it('moves what is picked by a tenth of a metre or a whole one', () => {
    const [x = NaN, y = NaN] = at() ?? [];
    key('ArrowRight');
    expect(at()?.[0]).toBeCloseTo(x + 0.1, 9);
    key('ArrowUp', { shiftKey: true });
    expect(at()?.[1]).toBeCloseTo(y - 1, 9);
  });

  it('takes it out with Delete, and nothing with nothing picked', () => {
    ui.set({ parts: [] });
    key('Delete');
    expect(at()).toBeDefined();
    ui.set({ parts: [MARK] });
    key('Delete');
    expect(at()).toBeUndefined();
    expect(ui.get().parts).toEqual([]);
  });
});
