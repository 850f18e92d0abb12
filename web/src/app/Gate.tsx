import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Suspense, useEffect, useRef, type ReactNode } from 'react';
import { useLocation } from 'wouter';
import { sessionQuery } from '../api/queries.js';
import { me } from '../api/me.js';
import { fetched } from '../ui/fetched.js';
import { useMe } from '../ui/me.js';

const SignIn = fetched(() => import('../doors/entry/SignIn.js'));
const FirstStart = fetched(() => import('../doors/entry/FirstStart.js'));
const InvitationPage = fetched(() => import('../doors/entry/InvitationPage.js'));
const GuestPage = fetched(() => import('../doors/entry/GuestPage.js'));
const DutiesPage = fetched(() => import('../doors/duties/DutiesPage.js'));

/**
 * What stands before the doors: whoever is signed in goes through, and whoever is not is asked who they are. What this
 * device remembers counts until the server has answered, and while it cannot.
 */
export function Gate({ children }: { children: ReactNode }) {
  const [pathname, navigate] = useLocation();
  const known = useMe();
  const asked = useQuery(sessionQuery);
  const queries = useQueryClient();
  /** Whoever was here before. */
  const before = useRef<string>(undefined);
  useEffect(() => {
    if (asked.data) me.set(asked.data);
  }, [asked.data]);
  useEffect(() => {
    if (!known) return;
    // What was fetched for whoever was here before is not for whoever comes next.
    const who = `${known.account ?? known.event ?? ''} ${known.role ?? ''}`;
    if (before.current !== undefined && before.current !== who)
      void queries.resetQueries({ predicate: ({ queryKey: [name] }) => name !== sessionQuery.queryKey[0] });
    before.current = who;
    // An answer that is on its way yet is of before.
    void queries.cancelQueries({ queryKey: sessionQuery.queryKey }, { revert: false, silent: true });
    queries.setQueryData(sessionQuery.queryKey, known);
  }, [known, queries]);
  return (
    <Suspense fallback={<p className="p-6 text-faint">…</p>}>
      {pathname === '/invitation' ? (
        <InvitationPage onDone={() => navigate('/', { replace: true })} />
      ) : pathname === '/duties' ? (
        <DutiesPage />
      ) : pathname === '/guest' ? (
        <GuestPage
          onDone={event => navigate(event === undefined ? '/' : `/events/${event}/day`, { replace: true })}
        />
      ) : known?.signedIn ? (
        children
      ) : known?.unowned ? (
        <FirstStart />
      ) : known ? (
        <SignIn />
      ) : (
        <p className="p-6 text-faint">
          {asked.error ? `${asked.error.message}.` : 'Asking who you are …'}{' '}
          {asked.error && (
            <button className="link" onClick={() => void asked.refetch()}>
              Try again
            </button>
          )}
        </p>
      )}
    </Suspense>
  );
}
