import { useQuery } from '@tanstack/react-query';
import { useForm, useWatch } from 'react-hook-form';
import { call, wordsOf } from '../api/client.js';
import { venuesQuery } from '../api/queries.js';
import { kits } from '@idle-satchel/core/kits';
import { fromField } from '../ui/days.js';
import { Dialog } from '../ui/Dialog.js';
import { KitPicture } from './KitPicture.js';

interface Fields {
  label: string;
  start: string;
  venue: string;
  kit: string;
}

/** A new event: name, start, and the venue or the starter kit that it begins from. */
export default function NewEventDialog({
  onClose,
  onMade,
}: {
  onClose: () => void;
  onMade: (made: { id: string }) => void;
}) {
  const venues = useQuery(venuesQuery);
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC';
  const { register, handleSubmit, setError, formState, control } = useForm<Fields>({
    defaultValues: { kit: '' },
  });
  const { errors, isSubmitting } = formState;
  const chosen = useWatch({ control, name: 'kit' });
  const kit = kits.find(({ id }) => id === chosen);
  const make = handleSubmit(async ({ label, start, venue, kit: begin }) => {
    const instant = fromField(start, zone);
    if (!instant) return setError('start', { message: 'a day and a time' });
    try {
      onMade(
        await call(
          'POST /events',
          {},
          { label: label.trim(), start: instant, zone, ...(begin === '' ? { venue } : { kit: begin }) },
        ),
      );
    } catch (error) {
      setError('root', { message: wordsOf(error) });
    }
  });
  const fault = (message: string | undefined) =>
    message && <span className="text-stop text-[13px]">{message}</span>;
  return (
    <Dialog title="New event" onClose={onClose}>
      <form className="grid gap-3" onSubmit={event => void make(event)}>
        <label>
          Name {fault(errors.label?.message)}
          <input
            className="field w-full"
            autoFocus
            maxLength={80}
            aria-invalid={Boolean(errors.label)}
            {...register('label', { validate: text => text.trim() !== '' || 'give it a name' })}
          />
        </label>
        <label>
          Live at ({zone}) {fault(errors.start?.message)}
          <input
            className="field w-full"
            type="datetime-local"
            aria-invalid={Boolean(errors.start)}
            {...register('start', { required: 'a day and a time' })}
          />
        </label>
        <label>
          Begin with
          <select className="field w-full" {...register('kit')}>
            <option value="">an empty plan at one of our venues</option>
            {kits.map(({ id, label }) => (
              <option key={id} value={id}>
                {label}
              </option>
            ))}
          </select>
        </label>
        {kit ? (
          <KitPicture kit={kit} />
        ) : (
          <label>
            Venue {fault(errors.venue?.message)}
            <select
              className="field w-full"
              aria-invalid={Boolean(errors.venue)}
              {...register('venue', { required: 'choose one' })}
            >
              {venues.data?.venues.map(({ id, name, archived }) =>
                archived ? null : (
                  <option key={id} value={id}>
                    {name}
                  </option>
                ),
              )}
            </select>
          </label>
        )}
        {errors.root && <p className="text-stop">{errors.root.message}</p>}
        <button className="button button-main justify-self-end" disabled={isSubmitting}>
          Make the event
        </button>
      </form>
    </Dialog>
  );
}
