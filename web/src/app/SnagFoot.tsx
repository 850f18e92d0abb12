import { Suspense } from 'react';
import { fetched } from '../ui/fetched.js';

const SnagLine = fetched(() => import('./SnagLine.js'));

/** The foot of what is open: its snags, which like the rules come behind the first picture. */
export const SnagFoot = () => (
  <Suspense fallback={<footer className="border-t-2 border-ink bg-shade min-h-10.5" />}>
    <SnagLine />
  </Suspense>
);
