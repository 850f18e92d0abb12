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

export class UiStore {
  private state: UiState = {
    ...{ selected: undefined, working: undefined, snagsOpen: false, snag: undefined, dialog: undefined },
  };
  private readonly listeners = new Set<() => void>();

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };
  readonly get = (): UiState => this.state;

  set(change: Partial<UiState>): void {
    this.state = { ...this.state, ...change };
    for (const listener of this.listeners) listener();
  }
  readonly select = (selected: string | undefined): void => this.set({ selected });
}
