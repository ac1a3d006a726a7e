import { Dialog, DialogBackdrop, DialogPanel, DialogTitle } from '@headlessui/react';
import type { ReactNode } from 'react';

interface Props {
  readonly title: string;
  readonly onClose: () => void;
  readonly wide?: boolean;
  readonly children: ReactNode;
}

/** A sheet over the page, for one thing to be done; Escape leaves it. It is there for as long as it is drawn. */
export const SheetDialog = ({ title, onClose, wide = false, children }: Props) => (
  <Dialog open onClose={onClose} className="relative z-40">
    <DialogBackdrop className="fixed inset-0 bg-ink/30" />
    <div className="fixed inset-0 grid place-items-center overflow-auto p-4">
      <DialogPanel className={`w-full border border-edge bg-sheet p-6 ${wide ? 'max-w-3xl' : 'max-w-xl'}`}>
        <DialogTitle className="head-rule text-lg font-bold">{title}</DialogTitle>
        {children}
      </DialogPanel>
    </div>
  </Dialog>
);
