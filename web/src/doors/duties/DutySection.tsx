import { showClock, showDay, type DateLocale } from '@idle-satchel/core';
import type { OwnAnswer } from '@idle-satchel/core/api';
import type { Duty } from '@idle-satchel/core/duties';

const SAID = {
  asked: 'You have not answered yet.',
  yes: '✓ You said yes.',
  no: 'You said no.',
  swap: 'You come unless somebody else can.',
} as const;

/** One event: when, where, what, beside whom; and what can be said of it. */
export function DutySection({
  duty,
  dates,
  busy,
  onAnswer,
  onTake,
}: {
  duty: Duty;
  dates: DateLocale | undefined;
  busy: boolean;
  onAnswer?: (how: OwnAnswer) => void;
  onTake?: () => void;
}) {
  const {
    label,
    zone,
    start,
    from = start,
    to,
    venue,
    address,
    parking,
    access,
    roles,
    beside,
    answer,
  } = duty;
  const reading = { zone, dates };
  const saying = (how: OwnAnswer, words: string, main = false) =>
    answer !== how && (
      <button
        className={main ? 'button button-main' : 'button'}
        disabled={busy}
        onClick={() => onAnswer?.(how)}
      >
        {words}
      </button>
    );
  return (
    <section aria-label={label} className="border-t border-ink py-3">
      <h2>
        {showDay(from, reading)}, {showClock(from, reading)}
        {to !== undefined && ` to ${showClock(to, reading)}`}
      </h2>
      <p>{label}</p>
      <ul className="py-1">
        {roles.map(({ key, label: role, where, when }) => (
          <li key={key}>
            <b>{role}</b>{' '}
            <span className="text-faint">
              {[role.includes(where) ? '' : where, when].filter(Boolean).join(' · ')}
            </span>
          </li>
        ))}
      </ul>
      <dl className="grid grid-cols-[auto_1fr] gap-x-3">
        <Line what="Where" words={[venue, address].filter(Boolean).join(', ')} />
        <Line what="Cars" words={parking} />
        <Line what="Getting in" words={access} />
        <Line what="With you" words={beside.map(({ role, name }) => `${name} (${role})`).join(', ')} />
      </dl>
      {answer && <p className={answer === 'yes' ? 'text-done pt-1' : 'pt-1'}>{SAID[answer]}</p>}
      {onAnswer && answer !== 'no' && (
        <p className="flex flex-wrap gap-2 pt-2">
          {saying('yes', 'Yes, I come', true)}
          {saying('no', 'No, I cannot')}
          {saying('swap', 'Only if nobody else can')}
        </p>
      )}
      {answer === 'no' && <p className="text-faint">If that changes, tell whoever asked you.</p>}
      {onTake && (
        <p className="pt-2">
          <button className="button button-main" disabled={busy} onClick={onTake}>
            I take it over
          </button>
        </p>
      )}
    </section>
  );
}

const Line = ({ what, words }: { what: string; words: string | undefined }) =>
  words ? (
    <>
      <dt className="text-faint">{what}</dt>
      <dd>{words}</dd>
    </>
  ) : null;
