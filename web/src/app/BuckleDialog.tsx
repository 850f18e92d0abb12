import { bucklePatch, differenceWords, showDayAndClock, type StationName } from '@idle-satchel/core';
import { useForm, useWatch } from 'react-hook-form';
import { keepName, signedName } from '../api/signature.js';
import { useEvent, useReading, useStore } from '../store/hooks.js';
import { Dialog } from '../ui/Dialog.js';
import { NameField } from './NameField.js';
import { SeverityWord } from './severity.js';
import { STATION_WORDS } from '../ui/station-words.js';
import { GuardedButton } from '../ui/GuardedButton.js';

/** Signs a station off, says what opened it again, or takes the signature back. */
export default function BuckleDialog({ name, onClose }: { name: StationName; onClose: () => void }) {
  const store = useStore();
  const { register, handleSubmit, control } = useForm({ defaultValues: { by: signedName() } });
  const { by = '' } = useWatch({ control });
  const plan = useEvent(({ bundle }) => bundle.plan);
  const assessment = useEvent(state => state.assessment);
  const reading = useReading();
  const buckle = assessment.buckles[name];
  const own = assessment.snags.filter(({ station }) => station === name);
  const title = STATION_WORDS[name];
  const sign = handleSubmit(signed => {
    const { bundle, assessment } = store.get();
    const who = signed.by.trim();
    keepName(who);
    const everySnag = [...assessment.snags, ...assessment.accepted.map(each => each.snag)];
    const signature = { by: who, at: new Date().toISOString() };
    store.patchPlan(`Buckle ${title}`, bucklePatch(name, bundle.plan, assessment, everySnag, signature));
    onClose();
  });
  const open = (): void => {
    store.editPlan(`Unbuckle ${title}`, plan => plan.drop('buckles', name));
    onClose();
  };
  return (
    <Dialog title={`Buckle ${title}`} onClose={onClose}>
      {buckle.state !== 'open' && (
        <p className="mb-2">
          {buckle.state === 'buckled' ? 'Buckled' : 'Was buckled'} by {buckle.by},{' '}
          {showDayAndClock(buckle.at ?? '', reading)}.
        </p>
      )}
      {buckle.state === 'reopened' && (
        <div className="mb-3">
          <p>It opened again by itself, because this changed:</p>
          <table className="mt-1">
            <thead>
              <tr>
                <th>What</th>
                <th>Then</th>
                <th>Now</th>
              </tr>
            </thead>
            <tbody>
              {buckle.differences.slice(0, 12).map(({ path, before, now }) => (
                <tr key={path}>
                  <td>{differenceWords(path, plan, assessment)}</td>
                  <td>{before}</td>
                  <td>{now}</td>
                </tr>
              ))}
            </tbody>
          </table>
          {buckle.differences.length > 12 && (
            <p className="text-faint">and {buckle.differences.length - 12} more</p>
          )}
        </div>
      )}
      <p className="text-faint mb-3">
        Signing says: I have looked at everything here and stand by it. It opens again by itself when anything
        it shows changes.
      </p>
      {own.length > 0 && (
        <section aria-label="Still open" className="mb-3">
          <h3>Still open, and signed over</h3>
          <ul>
            {own.map(({ id, severity, title: words }) => (
              <li key={id} className="flex gap-3 py-0.5 border-b border-rule">
                <span className="w-12 shrink-0">
                  <SeverityWord severity={severity} />
                </span>
                {words}
              </li>
            ))}
          </ul>
        </section>
      )}
      <form className="flex flex-wrap items-end gap-3" onSubmit={event => void sign(event)}>
        <NameField className="grow" field={register('by')} first />
        {buckle.state !== 'open' && (
          <button type="button" className="button" onClick={open}>
            Unbuckle
          </button>
        )}
        <GuardedButton
          className="button button-main"
          why={by.trim() === '' ? 'your name is missing' : undefined}
        >
          Buckle
        </GuardedButton>
      </form>
    </Dialog>
  );
}
