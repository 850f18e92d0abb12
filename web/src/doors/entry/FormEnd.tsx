import type { ReactNode } from 'react';

/** What ends a short form: what went wrong with it, and the button that sends it. */
export const FormEnd = ({
  problem,
  busy,
  children,
}: {
  problem: string;
  busy: boolean;
  children: ReactNode;
}) => (
  <>
    {problem && (
      <p role="alert" className="text-stop">
        ◆ {problem}
      </p>
    )}
    <button className="button button-main justify-self-end" disabled={busy}>
      {children}
    </button>
  </>
);
