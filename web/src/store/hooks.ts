/** Reading the open event from components: each re-renders only when what it selected has changed. */
import { createContext, useContext, useSyncExternalStore } from 'react';
import { readingOf, type Reading, type StationName } from '@idle-satchel/core';
import type { EventState } from './event-state.js';
import type { EventStore } from './event-store.js';
import type { UiState, UiStore } from './ui-store.js';

export interface OpenEvent {
  readonly store: EventStore;
  readonly ui: UiStore;
  /** Shows a station of what is open. */
  readonly go: (station: StationName) => void;
}

export const OpenEventContext = createContext<OpenEvent | undefined>(undefined);

export function useOpenEvent(): OpenEvent {
  const open = useContext(OpenEventContext);
  if (!open) throw new Error('no event is open here');
  return open;
}

export const useStore = (): EventStore => useOpenEvent().store;

/** Whether what stands below follows every step of a drag, as the plan picture does, or is read calmly. */
export const PaceContext = createContext<'live' | 'calm'>('calm');

/** Selects a part of the event's state; the selector must give the same object while nothing changed. */
export function useEvent<T>(select: (state: EventState) => T): T {
  const channel = useOpenEvent().store[useContext(PaceContext)];
  return useSyncExternalStore(channel.subscribe, () => select(channel.get()));
}

export const useUi = <T>(select: (state: UiState) => T): T => {
  const { ui } = useOpenEvent();
  return useSyncExternalStore(ui.channel.subscribe, () => select(ui.get()));
};

export const usePlan = <T>(select: (plan: EventState['bundle']['plan']) => T): T =>
  useEvent(({ bundle }) => select(bundle.plan));

export const useResult = <Name extends StationName>(name: Name): EventState['assessment'][Name] =>
  useEvent(({ assessment }) => assessment[name]);

const readings = new Map<string, Reading>();

/** How figures are read in this event: unit system and time zone. */
export function useReading(): Reading {
  return useEvent(({ bundle, assessment }) => {
    const reading = readingOf(bundle.plan, assessment.rules);
    const key = `${reading.system} ${reading.zone} ${reading.dates} ${reading.currency}`;
    const kept = readings.get(key) ?? reading;
    readings.set(key, kept);
    return kept;
  });
}
