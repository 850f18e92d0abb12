import { createContext, useContext, type ReactNode, type ReactPortal } from 'react';
import { createPortal } from 'react-dom';

/** Where in the top line the open page may put its own words. */
export const TopLineSlotContext = createContext<HTMLElement | null>(null);

export function TopLine({ children }: { children: ReactNode }): ReactPortal | null {
  const slot = useContext(TopLineSlotContext);
  return slot && createPortal(children, slot);
}
