/** Keyboard shortcuts. Letters can be turned off; none fires in a field. */
import { STATIONS, type StationName } from '@idle-satchel/core';
import { useEffect, useRef } from 'react';

export const STATION_KEYS: Readonly<Record<string, StationName>> = Object.fromEntries(
  ['1', '2', '3', '4', '5', '6', '7', '8', '9', '0', '-'].map((key, i) => [key, STATIONS[i] ?? 'day']),
);

const LETTERS_KEY = 'idle-satchel letters';
export const lettersOn = (): boolean => localStorage.getItem(LETTERS_KEY) !== 'off';
export const setLetters = (on: boolean): void => localStorage.setItem(LETTERS_KEY, on ? 'on' : 'off');

const inField = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && (target.matches('input, textarea, select') || target.isContentEditable);

/** A key as it is named in a list of actions: `Shift+u`, `ArrowLeft`, `Ctrl+z`. */
export function keyName(event: KeyboardEvent): string {
  const letter = event.key.length === 1 ? event.key.toLowerCase() : event.key;
  const shift = event.shiftKey && (/^[a-z]$/.test(letter) || letter.startsWith('Arrow'));
  return `${event.ctrlKey || event.metaKey ? 'Ctrl+' : ''}${shift ? 'Shift+' : ''}${letter}`;
}

/** Which way the arrow keys go on a plan, x east and y south. */
export const STEPS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

type Action = (event: KeyboardEvent) => boolean | void;

/** Listens for the whole page; an action that gives `false` lets the key through. */
export function useShortcuts(actions: Readonly<Record<string, Action>>): void {
  const latest = useRef(actions);
  useEffect(() => {
    latest.current = actions;
  });
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (event.defaultPrevented || event.altKey || inField(event.target)) return;
      const name = keyName(event);
      const action = latest.current[name];
      if (!action || (/^(Shift\+)?[a-z]$/.test(name) && !lettersOn())) return;
      if (document.querySelector('[role="dialog"]') && name !== 'Escape') return;
      if (action(event) !== false) event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
}
