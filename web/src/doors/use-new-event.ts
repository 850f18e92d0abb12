import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { kits } from '@idle-satchel/core/kits';
import { call, wordsOf } from '../api/client.js';
import { madeOnce } from '../api/make.js';
import { venuesQuery } from '../api/queries.js';
import { fromField, nextEvening, OWN_ZONE, toField } from '../ui/days.js';
import { keepFields, keptFields } from '../ui/use-kept.js';

/** What a form is kept by while the page is loaded anew. */
const KEPT = 'new event';

interface Fields {
  label: string;
  start: string;
  zone: string;
  venue: string;
  kit: string;
}

/** The form of a new event: what is typed, what follows from it, and the making. */
export function useNewEvent(onClose: () => void, onMade: (made: { id: string }) => void) {
  const [now] = useState(Date.now);
  const venues = useQuery(venuesQuery);
  const { register, handleSubmit, setError, setValue, formState, control } = useForm<Fields>({
    defaultValues: keptFields<Fields>(KEPT, {
      label: '',
      kit: '',
      venue: '',
      zone: '',
      start: toField(nextEvening(now, OWN_ZONE), OWN_ZONE),
    }),
  });
  const { errors, isSubmitting } = formState;
  const typed = useWatch({ control });
  useEffect(() => keepFields(KEPT, typed), [typed]);
  const kit = kits.find(({ id }) => id === typed.kit);
  const open = venues.data?.venues.filter(({ archived }) => !archived) ?? [];
  // An empty plan stands at the first of our venues unless another is chosen; a kit in its own room.
  const chosen = typed.venue || (kit ? '' : (open[0]?.id ?? ''));
  /** The zone of the venue, unless another was chosen for this event. */
  const zone = typed.zone || open.find(({ id }) => id === chosen)?.zone || OWN_ZONE;
  const close = (): void => {
    keepFields(KEPT, undefined);
    onClose();
  };
  /** A start in the past that was meant all the same. */
  const [past, setPast] = useState('');
  const make = handleSubmit(async ({ label, start, kit: begin }) => {
    if (begin === '' && chosen === '') return setError('venue', { message: 'choose one' });
    const instant = fromField(start, zone);
    if (!instant) return setError('start', { message: 'a day and a time' });
    if (Date.parse(instant) < now && past !== instant) {
      setPast(instant);
      return setError('start', { message: 'that is past: make the event once more if it is meant so' });
    }
    try {
      const wanted = {
        label: label.trim(),
        start: instant,
        zone,
        ...(chosen !== '' && { venue: chosen }),
        ...(begin !== '' && { kit: begin }),
      };
      const made = await madeOnce(as => call('POST /events', { as }, wanted));
      keepFields(KEPT, undefined);
      onMade(made);
    } catch (error) {
      setError('root', { message: wordsOf(error) });
    }
  });
  return { register, setValue, errors, isSubmitting, kit, open, chosen, zone, close, make };
}
