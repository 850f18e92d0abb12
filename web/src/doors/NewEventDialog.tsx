import { kits } from '@idle-satchel/core/kits';
import { OWN_ZONE, zones } from '../ui/days.js';
import { Dialog } from '../ui/Dialog.js';
import { KitPicture } from './KitPicture.js';
import { useNewEvent } from './use-new-event.js';

const ZONES = zones(OWN_ZONE);

/** A new event: name, start, and the venue or the starter kit that it begins from. */
export default function NewEventDialog({
  onClose,
  onMade,
}: {
  onClose: () => void;
  onMade: (made: { id: string }) => void;
}) {
  const { register, setValue, errors, isSubmitting, kit, open, chosen, zone, close, make } = useNewEvent(
    onClose,
    onMade,
  );
  const fault = (message: string | undefined) => <Fault message={message} />;
  return (
    <Dialog title="New event" onClose={close}>
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
          Live at {fault(errors.start?.message)}
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
            <option value="">an empty plan</option>
            {kits.map(({ id, label }) => (
              <option key={id} value={id}>
                {label}
              </option>
            ))}
          </select>
        </label>
        <label>
          Venue {fault(errors.venue?.message)}
          <select
            className="field w-full"
            aria-invalid={Boolean(errors.venue)}
            value={chosen}
            onChange={event => setValue('venue', event.target.value)}
          >
            {kit && <option value="">the kit’s own plain room</option>}
            {open.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
        <label>
          Time zone of the place
          <select
            className="field w-full"
            value={zone}
            onChange={event => setValue('zone', event.target.value)}
          >
            {(ZONES.includes(zone) ? ZONES : [zone, ...ZONES]).map(each => (
              <option key={each}>{each}</option>
            ))}
          </select>
        </label>
        {kit && <KitPicture kit={kit} />}
        {errors.root && <p className="text-stop">{errors.root.message}</p>}
        <button className="button button-main justify-self-end" disabled={isSubmitting}>
          Make the event
        </button>
      </form>
    </Dialog>
  );
}

const Fault = ({ message }: { message: string | undefined }) =>
  message && <span className="text-stop text-[13px]">{message}</span>;
