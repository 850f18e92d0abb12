/** Components of the open event, drawn into a page of their own, with what people do to them. */
import { cleanup, render, type RenderResult } from '@testing-library/react';
import type { ReactNode } from 'react';
import { afterEach, vi } from 'vitest';
import { OpenEventContext, PaceContext } from '../src/store/hooks.js';
import { UiStore } from '../src/store/ui-store.js';
import { opensFriday, store } from './friday-open.js';

export const ui = new UiStore();
/** Stations that were gone to. */
export const gone = vi.fn();

/** Opens the event before each test, and takes what was drawn away after it. */
export function drawsFriday(): void {
  opensFriday();
  afterEach(() => {
    cleanup();
    gone.mockClear();
    ui.set({ selected: undefined, parts: [], tool: undefined, working: undefined });
  });
}

export const Opened = ({ children }: { children?: ReactNode }): ReactNode => (
  <OpenEventContext value={{ store, ui, go: gone }}>
    <PaceContext value="live">{children}</PaceContext>
  </OpenEventContext>
);

export const draw = (what: ReactNode): RenderResult => render(what, { wrapper: Opened });
