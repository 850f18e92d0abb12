import type { MessageWay, RequestMade } from '@idle-satchel/core/api';
import { reachOf, type Asking, type Reach } from '@idle-satchel/core/duties';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { wordsOf } from '../../api/client.js';
import { CopyIt } from '../../ui/CopyIt.js';
import { Dialog } from '../../ui/Dialog.js';
import { today } from '../../ui/today.js';
import { messageTo, type Knowing } from './knowing.js';
import { askSomebody } from './requests-query.js';

/** The message to one person, to be changed before it goes. */
export function AskDialog({
  asking,
  knowing,
  onClose,
}: {
  asking: Asking;
  knowing: Knowing;
  onClose: () => void;
}) {
  const queries = useQueryClient();
  const person = knowing.people.get(asking.person);
  const [message, setMessage] = useState(() => messageTo(asking, knowing));
  const [made, setMade] = useState<RequestMade>();
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState('');
  const { young, phone }: Partial<Reach> = person ? reachOf(person, today()) : {};
  const send = async (way: MessageWay, text: string): Promise<void> => {
    setBusy(true);
    setProblem('');
    try {
      setMade(await askSomebody(asking, way, { subject: message.subject, text }));
    } catch (error) {
      setProblem(wordsOf(error));
    }
    await Promise.all([['requests'], ['roster']].map(queryKey => queries.invalidateQueries({ queryKey })));
    setBusy(false);
  };
  return (
    <Dialog title={`Ask ${person?.name ?? ''}`} onClose={onClose}>
      {made ? (
        <Made made={made} subject={message.subject} phone={phone} />
      ) : (
        <div className="grid gap-2">
          {young && (
            <p className="text-risk">
              ◇ They are under 18: it goes to whoever answers for them, and they decide.
            </p>
          )}
          <label>
            Subject
            <input
              className="field w-full"
              value={message.subject}
              maxLength={200}
              onChange={({ target }) => setMessage({ ...message, subject: target.value })}
            />
          </label>
          <label>
            Message
            <textarea
              className="field w-full"
              rows={14}
              value={message.text}
              maxLength={8000}
              onChange={({ target }) => setMessage({ ...message, text: target.value })}
            />
          </label>
          <p className="text-faint">Where {'{link}'} stands there will be a link of their own.</p>
          <p className="flex flex-wrap gap-2">
            <button
              className="button button-main"
              disabled={busy}
              onClick={() => void send('mail', message.text)}
            >
              {knowing.sends ? 'Send it by mail' : 'Send it by mail (simulated)'}
            </button>
            <button className="button" disabled={busy} onClick={() => void send('by hand', message.text)}>
              I send it myself
            </button>
            <button className="button" disabled={busy} onClick={() => void send('by hand', message.short)}>
              A short text for a phone
            </button>
          </p>
          {!knowing.sends && (
            <p className="text-faint">
              No mail server is set up: nothing leaves this machine, and you are shown what would have been
              sent.
            </p>
          )}
          <p role="alert" className="text-stop">
            {problem}
          </p>
        </div>
      )}
    </Dialog>
  );
}

const WORDS = {
  sent: 'It was sent.',
  kept: 'Nothing was sent, as no mail server is set up. This is what would have gone out:',
  failed: 'It could not be sent, and nobody was noted as asked. Send it by hand, or try again:',
  'by hand': 'Send this yourself. The link is theirs alone, and is shown this once:',
} as const;

/** What became of it. */
function Made({
  made: { state, text, why },
  subject,
  phone,
}: {
  made: RequestMade;
  subject: string;
  phone: string | undefined;
}) {
  return (
    <>
      <p role="status">
        {WORDS[state]} {why && <span className="text-faint">({why})</span>}
      </p>
      {text !== undefined && (
        <>
          <textarea className="field w-full" rows={12} readOnly aria-label="What to send" value={text} />
          <p className="flex flex-wrap gap-3 items-baseline">
            <CopyIt text={text} />
            <a
              className="link"
              href={`mailto:?subject=${encodeURIComponent(subject)}&body=${encodeURIComponent(text)}`}
            >
              Open it in a mail program
            </a>
            {phone !== undefined && (
              <a className="link" href={`sms:${phone.replace(/\s/g, '')}?body=${encodeURIComponent(text)}`}>
                Open it as a text to {phone}
              </a>
            )}
          </p>
        </>
      )}
    </>
  );
}
