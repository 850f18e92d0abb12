import { newId } from '@idle-satchel/core';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { call } from '../api/client.js';
import { author } from '../api/signature.js';
import { Door, Loading } from './door.js';
import { RenameField } from './RenameField.js';

interface VenueLine {
  readonly id: string;
  readonly revision: number;
  readonly name: string;
  readonly volts: number;
  readonly hertz: number;
  readonly marks: number;
  readonly sockets: number;
  readonly uploads: number;
  /** Values that nobody has measured yet. */
  readonly guesses: number;
}

/** The venues that were surveyed. */
export function VenuesDoor() {
  const queries = useQueryClient();
  const venues = useQuery({
    queryKey: ['venues'],
    queryFn: () => call<{ venues: readonly VenueLine[] }>('/venues'),
  });
  const rename = async ({ id, revision }: VenueLine, value: string): Promise<void> => {
    await call('/edits', 'POST', {
      ...{ id: newId(), label: 'Rename a venue', author: author() },
      changes: [{ document: id, base: revision, patch: [{ op: 'replace', path: '/name', value }] }],
    });
    await queries.invalidateQueries({ queryKey: ['venues'] });
  };
  return (
    <Door
      title="Venues"
      actions={
        <Link className="button button-main" to="/venues/new">
          Survey a venue
        </Link>
      }
    >
      <Loading query={venues} what="the venues" />
      <table>
        <thead>
          <tr>
            <th>Venue</th>
            <th>Mains</th>
            <th>Marks</th>
            <th>Sockets</th>
            <th>Upload tests</th>
            <th>Survey</th>
            <th>Guessed</th>
          </tr>
        </thead>
        <tbody>
          {venues.data?.venues.map(venue => (
            <tr key={venue.id}>
              <td className="w-1/2">
                <RenameField
                  label="Name of the venue"
                  value={venue.name}
                  max={80}
                  onSave={text => rename(venue, text)}
                />
              </td>
              <td>
                {venue.volts} V, {venue.hertz} Hz
              </td>
              <td>{venue.marks}</td>
              <td>{venue.sockets}</td>
              <td>{venue.uploads}</td>
              <td>revision {venue.revision}</td>
              <td>{venue.guesses === 0 ? '–' : venue.guesses}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="text-faint mt-3">
        An event keeps the survey it was planned with; what differs on the day is changed under Ground, for
        that event only.
      </p>
    </Door>
  );
}
