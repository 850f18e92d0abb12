import { DialogPanel, DialogTitle, Dialog as Frame } from '@headlessui/react';
import type { ReactNode } from 'react';

/** A sheet laid over the page, closed with Esc or a click beside it. */
export function Dialog({
  title,
  onClose,
  children,
}: {
  title: string;
  onClose: () => void;
  children: ReactNode;
}) {
  return (
    <Frame open onClose={onClose} className="relative z-40">
      <div className="fixed inset-0 bg-ink/30" aria-hidden />
      <div className="fixed inset-0 overflow-auto p-4 grid place-items-center">
        <DialogPanel className="bg-paper border border-ink w-full max-w-2xl p-5">
          <div className="flex items-baseline justify-between mb-3">
            <DialogTitle as="h2">{title}</DialogTitle>
            <button className="link" onClick={onClose}>
              Close
            </button>
          </div>
          {children}
        </DialogPanel>
      </div>
    </Frame>
  );
}
