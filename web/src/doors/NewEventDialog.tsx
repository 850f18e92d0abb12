import { useQuery } from '@tanstack/react-query';
import { useForm } from 'react-hook-form';
import { ApiProblem, call, type VenueLine } from '../api/client.js';
import { fromField } from '../app/days.js';
import { Dialog } from '../app/Dialog.js';

interface Fields {
  label: string;
  start: string;
  venue: string;
}

/** A new event: name, start, venue. */
export default function NewEventDialog({
  onClose,
  onMade,
}: {
  onClose: () => void;
  onMade: (made: { id: string }) => void;
}) {
  const venues = useQuery({
    queryKey: ['venues'],
    queryFn: () => call<{ venues: readonly VenueLine[] }>('/venues'),
  });
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC';
  const { register, handleSubmit, setError, formState } = useForm<Fields>();
  const { errors, isSubmitting } = formState;
  const make = handleSubmit(async ({ label, start, venue }) => {
    const instant = fromField(start, zone);
    if (!instant) return setError('start', { message: 'a day and a time' });
    try {
      onMade(
        await call<{ id: string }>('/events', 'POST', { label: label.trim(), start: instant, zone, venue }),
      );
    } catch (error) {
      setError('root', { message: error instanceof ApiProblem ? error.lines.join(' · ') : String(error) });
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
        {errors.root && <p className="text-stop">{errors.root.message}</p>}
        <button className="button button-main justify-self-end" disabled={isSubmitting}>
          Make the event
        </button>
      </form>
    </Dialog>
  );
}
