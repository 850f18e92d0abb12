/** A cable as a form edits it, and the cable that comes of it. */
import type { CableContact, CableMake, Connector, Kind } from '../documents/index.js';

/** A cable, with what its two ends are. */
export interface CableDraft {
  readonly make: CableMake;
  readonly length: number | undefined;
  readonly connector: Connector;
  readonly ends: CableContact | '';
  /** Its other end; empty = like the first. */
  readonly farConnector: Connector | '';
  readonly farEnds: CableContact | '';
  readonly directed: boolean;
}

export const EMPTY_CABLE: CableDraft = {
  make: 'hdmi-plain',
  length: undefined,
  connector: 'HDMI A',
  ends: '',
  farConnector: '',
  farEnds: '',
  directed: false,
};

export const cableDraft = ({
  make,
  length,
  connector,
  ends,
  far,
  directed,
}: NonNullable<Kind['cable']>): CableDraft => ({
  make,
  length,
  connector,
  ends: ends ?? '',
  farConnector: far?.connector ?? '',
  farEnds: far?.ends ?? '',
  directed: directed === true,
});

/** A cable from its draft; none without a length. */
export function cableFrom(draft: CableDraft): Kind['cable'] {
  const { make, length, connector, ends, farConnector, farEnds, directed } = draft;
  if (length === undefined) return undefined;
  const far = { connector: farConnector || connector, ...(farEnds !== '' && { ends: farEnds }) };
  return {
    make,
    length,
    connector,
    ...(ends !== '' && { ends }),
    ...((farConnector !== '' || farEnds !== '') && { far }),
    ...(directed && { directed }),
  };
}
