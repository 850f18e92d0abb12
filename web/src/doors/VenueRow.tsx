import type { VenueLine } from '@idle-satchel/core/api';
import { Link } from 'wouter';
import { RenameField } from './RenameField.js';

/** One venue of the list, with what can be done to it. */
export function VenueRow({
  venue,
  onRename,
  onCopy,
  onPutAway,
  onHistory,
}: {
  venue: VenueLine;
  onRename: (name: string) => Promise<void>;
  onCopy: () => void;
  /** Puts it away, or brings it back. */
  onPutAway: () => void;
  onHistory: () => void;
}) {
  return (
    <tr className={venue.archived ? 'text-faint' : ''}>
      <td className="w-2/5">
        <RenameField label="Name of the venue" value={venue.name} max={80} onSave={onRename} />
      </td>
      <td className="whitespace-nowrap max-md:hidden">
        {venue.volts} V, {venue.hertz} Hz
      </td>
      <td className="max-md:hidden">{venue.marks}</td>
      <td className="max-md:hidden">{venue.sockets}</td>
      <td className="max-md:hidden">{venue.uploads}</td>
      <td className="max-md:hidden">{venue.guesses === 0 ? '–' : venue.guesses}</td>
      <td className="max-md:hidden">
        <button className="link" aria-label={`History of ${venue.name}`} onClick={onHistory}>
          {venue.revision}
        </button>
      </td>
      <td className="md:whitespace-nowrap text-right space-x-2 max-md:leading-8">
        <Link className="link" to={`/venues/${venue.id}`} aria-label={`Open ${venue.name}`}>
          Open
        </Link>
        <Link className="link" to={`/venues/${venue.id}/walk`} aria-label={`Walk round ${venue.name}`}>
          Walk
        </Link>
        <button className="link" aria-label={`Copy ${venue.name}`} onClick={onCopy}>
          Copy
        </button>
        <button
          className="link"
          aria-label={`${venue.archived ? 'Bring back' : 'Put away'} ${venue.name}`}
          onClick={onPutAway}
        >
          {venue.archived ? 'Bring back' : 'Put away'}
        </button>
      </td>
    </tr>
  );
}
