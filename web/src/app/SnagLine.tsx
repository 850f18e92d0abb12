import { Suspense } from 'react';
import { fetched } from '../ui/fetched.js';

const WorstSnag = fetched(() => import('./WorstSnag.js'));

/** The line at the foot of a page: what it says is fetched behind the first picture, as the rules are. */
export const SnagLine = () => (
  <Suspense fallback={<footer className="border-t-2 border-ink bg-shade h-10.5" />}>
    <WorstSnag />
  </Suspense>
);
