/** A sheet as rows of text: the server, the interface and the command line only render it. */
export interface Column {
  readonly label: string;
  /** Share of the width. */
  readonly width: number;
  readonly align?: 'right';
  /** The unit of its numbers. */
  readonly unit?: string;
}

export interface Sheet {
  readonly title: string;
  /** Event, start and venue, for the head of every page. */
  readonly about: string;
  readonly columns: readonly Column[];
  /** Rows under a heading each; one heading may be empty. */
  readonly sections: readonly {
    readonly heading: string;
    /** The device that it is of: a code beside its heading leads there. */
    readonly of?: string;
    readonly rows: readonly (readonly string[])[];
    /** The number that a cell is, for tables that reckon; none where it is words. */
    readonly numbers: readonly (readonly (number | undefined)[])[];
  }[];
  readonly notes: readonly string[];
}
