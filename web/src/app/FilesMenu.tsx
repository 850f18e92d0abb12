import { Suspense } from 'react';
import { fetched } from '../ui/fetched.js';
import type { FileMenuProps } from './FileMenu.js';

const Menu = fetched(() => import('./FileMenu.js'));

/** Files to take away, by address and words, and those that this page makes itself. */
export const FileMenu = (props: FileMenuProps) => (
  <Suspense fallback={<span className="text-faint">{props.words}</span>}>
    <Menu {...props} />
  </Suspense>
);
