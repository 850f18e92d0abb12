/** Blackout: dark, dim, no bright surfaces, for use in the room. Kept on this device. */
import { useSyncExternalStore } from 'react';

const KEY = 'idle-satchel blackout';
const listeners = new Set<() => void>();
const isOn = (): boolean => document.documentElement.classList.contains('blackout');

export function setBlackout(on: boolean): void {
  document.documentElement.classList.toggle('blackout', on);
  localStorage.setItem(KEY, on ? 'on' : 'off');
  for (const listener of listeners) listener();
}

export const toggleBlackout = (): void => setBlackout(!isOn());

export const restoreBlackout = (): void => setBlackout(localStorage.getItem(KEY) === 'on');

export const useBlackout = (): boolean =>
  useSyncExternalStore(listener => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  }, isOn);
