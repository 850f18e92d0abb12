import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import { FileLink } from '../ledger/FileLink.js';

export interface FileMenuProps {
  readonly words: string;
  readonly files: readonly (readonly [address: string, words: string])[];
  readonly made?: readonly (readonly [words: string, make: () => void])[];
}

/** Files to take away, by address and words, and those that this page makes itself. */
export default function FileMenu({ words, files, made = [] }: FileMenuProps) {
  return (
    <Menu>
      <MenuButton className="text-faint hover:text-ink">{words}</MenuButton>
      <MenuItems anchor="bottom end" modal={false} className="bg-paper border border-ink py-1 z-30">
        {files.map(([address, each]) => (
          <MenuItem key={address}>
            <FileLink className="block px-3 py-1 data-focus:bg-shade" address={address}>
              {each}
            </FileLink>
          </MenuItem>
        ))}
        {made.map(([each, make]) => (
          <MenuItem key={each}>
            <button className="block w-full text-left px-3 py-1 data-focus:bg-shade" onClick={make}>
              {each}
            </button>
          </MenuItem>
        ))}
      </MenuItems>
    </Menu>
  );
}
