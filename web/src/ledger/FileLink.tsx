import type { ComponentPropsWithRef, MouseEvent } from 'react';
import { useStore } from '../store/hooks.js';

/** A file that the server makes; it is fetched once the server has every edit that was made here. */
export function FileLink({
  address,
  as = '',
  onClick,
  ...props
}: { address: string; /** What it is saved as; empty = as the server calls it. */ as?: string } & Omit<
  ComponentPropsWithRef<'a'>,
  'href' | 'download'
>) {
  const store = useStore();
  const take = (event: MouseEvent<HTMLAnchorElement>): void => {
    onClick?.(event);
    if (store.isSettled() && navigator.onLine) return;
    event.preventDefault();
    void store.whenSettled().then(settled => {
      if (!settled) return store.say('This file is made by the server, which cannot be reached just now.');
      const link = document.createElement('a');
      [link.href, link.download] = [address, as];
      link.click();
    });
  };
  return <a {...props} href={address} download={as} onClick={take} />;
}
