import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { call } from '../api/client.js';
import { organisationQuery } from '../api/queries.js';

/** Which organisation this browser works in, where there are several. */
export function OrganisationChoice() {
  const queries = useQueryClient();
  const info = useQuery(organisationQuery);
  const change = useMutation({
    mutationFn: (id: string) => call('PUT /organisation', {}, { id }),
    onSuccess: () => queries.resetQueries(),
  });
  if (!info.data || info.data.organisations.length < 2) return null;
  return (
    <select
      className="field"
      aria-label="Organisation"
      value={info.data.id}
      onChange={event => change.mutate(event.target.value)}
    >
      {info.data.organisations.map(({ id, name }) => (
        <option key={id} value={id}>
          {name}
        </option>
      ))}
    </select>
  );
}
