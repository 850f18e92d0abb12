import type { FreshName, Point, Snag } from '@idle-satchel/core';
import { Channel } from './channel.js';

/** What the pointer does on the plan instead of picking. */
export type Tool =
  | { readonly kind: 'draw'; readonly name: FreshName; readonly corners: readonly Point[] }
  | { readonly kind: 'measure'; readonly ends: readonly Point[] };

/** What is selected and open on this screen; never saved with the event. */
export interface UiState {
  /** Id of the selected record: a camera, a run, a circuit, a rack … */
  readonly selected: string | undefined;
  /** Paths of the parts of the venue that are picked to be changed. */
  readonly parts: readonly string[];
  readonly tool: Tool | undefined;
  /** Groups of the ground that are drawn faintly. */
  readonly faint: ReadonlySet<string>;
  /** Path of the figure whose working is open. */
  readonly working: string | undefined;
  readonly snagsOpen: boolean;
  /** Which of the open snags the snag line shows, by id. */
  readonly snag: string | undefined;
  /** A snag was cured: the next that has a fix is shown, until somebody looks elsewhere. */
  readonly mending: boolean;
  /** The supply tree stands in place of the plan. */
  readonly tree: boolean;
  readonly dialog: 'rules' | 'shortcuts' | 'find' | 'history' | undefined;
}

const NOTHING_OPEN: UiState = {
  parts: [],
  tool: undefined,
  faint: new Set<string>(),
  selected: undefined,
  working: undefined,
  snagsOpen: false,
  snag: undefined,
  mending: false,
  tree: false,
  dialog: undefined,
};

export class UiStore {
  readonly channel = new Channel(NOTHING_OPEN);
  readonly get = this.channel.get;

  set(change: Partial<UiState>): void {
    this.channel.set({ ...this.get(), ...change });
  }
  readonly select = (selected: string | undefined): void => this.set({ selected, parts: [], mending: false });

  /** Shows a snag and what it is of, because somebody chose it. */
  readonly showSnag = ({ id, subjects }: Pick<Snag, 'id' | 'subjects'>): void =>
    this.set({ snag: id, selected: subjects[0], parts: [], mending: false });

  /** Picks a part alone, or adds it to or takes it from those that are picked. */
  readonly pick = (path: string, together = false): void => {
    const { parts } = this.get();
    const rest = parts.filter(each => each !== path);
    const also = rest.length === parts.length ? [...parts, path] : rest;
    this.set({ selected: undefined, parts: together ? also : [path] });
  };
}
