import type { ReactNode } from 'react';
import { usePageTitle } from '../ui/page-title.js';

/** A door's page: a title line with its actions, and what stands behind it. */
export function Door({
  title,
  actions,
  children,
}: {
  title: string;
  actions?: ReactNode;
  children: ReactNode;
}) {
  usePageTitle(title);
  return (
    <main className="overflow-auto px-6 py-4">
      <div className="max-w-[1180px] mx-auto">
        <div className="flex max-md:flex-wrap items-center gap-x-4 gap-y-2 mb-3">
          <h1 className="grow max-md:basis-full">{title}</h1>
          {actions}
        </div>
        {children}
      </div>
    </main>
  );
}

export function Loading({
  query,
  what,
}: {
  query: { isPending: boolean; error: Error | null; refetch: () => unknown };
  what: string;
}) {
  if (query.error) {
    return (
      <p className="py-4">
        <span className="text-stop">◆ </span>
        {query.error.message}{' '}
        <button className="link" onClick={() => void query.refetch()}>
          Try again
        </button>
      </p>
    );
  }
  return query.isPending ? <p className="py-4 text-faint">Fetching {what} …</p> : null;
}
