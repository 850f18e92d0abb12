import { Channel } from './channel.js';

/** What is selected and open on this screen; never saved with the event. */
export interface UiState {
  /** Id of the selected record: a camera, a run, a circuit, a rack … */
  readonly selected: string | undefined;
  /** Path of the figure whose working is open. */
  readonly working: string | undefined;
  readonly snagsOpen: boolean;
  /** Which of the open snags the snag line shows, by id. */
  readonly snag: string | undefined;
  readonly dialog: 'rules' | 'shortcuts' | 'find' | 'history' | undefined;
}

const NOTHING_OPEN: UiState = {
  ...{ selected: undefined, working: undefined, snagsOpen: false, snag: undefined, dialog: undefined },
};

export class UiStore {
  readonly channel = new Channel(NOTHING_OPEN);
  readonly get = this.channel.get;

  set(change: Partial<UiState>): void {
    this.channel.set({ ...this.get(), ...change });
  }
  readonly select = (selected: string | undefined): void => this.set({ selected });
}
