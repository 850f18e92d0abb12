/** When something was, as whoever looks reads it. */
import { showDayAndClock } from '@idle-satchel/core';
import { useQuery } from '@tanstack/react-query';
import { organisationQuery } from '../../api/queries.js';
import { OWN_ZONE } from '../../ui/days.js';

export function useWhen(): (instant: string) => string {
  const { data: { units = 'metric', dates } = {} } = useQuery(organisationQuery);
  const reading = { system: units, zone: OWN_ZONE, ...(dates && { dates }) };
  return instant => showDayAndClock(instant, reading);
}
