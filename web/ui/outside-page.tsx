import type { ReactNode } from 'react';

/** A page before one is signed in: the mark, the organisation's name, one sheet. */
export const OutsidePage = ({
  workspace,
  wide = false,
  children,
}: {
  readonly workspace: string | undefined;
  readonly wide?: boolean;
  readonly children: ReactNode;
}) => (
  <main className={`mx-auto px-5 py-14 max-sm:px-3 max-sm:py-6 ${wide ? 'max-w-2xl' : 'max-w-xl'}`}>
    <p className="mb-6 flex items-center gap-2 text-base font-bold">
      <img src="/mark.svg" alt="" width={20} height={18} />
      {workspace ?? 'Iolite'}
    </p>
    <div className="border border-rule-strong bg-sheet p-6 max-sm:p-4">{children}</div>
  </main>
);
