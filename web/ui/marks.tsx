import type { ReactNode } from 'react';

/** A register's three letters as an index tab; spoken as the register's name. */
export const TabMark = ({ mark, name }: { mark: string; name: string }) => (
  <abbr className="tab-mark no-underline" title={name} aria-label={name}>
    {mark}
  </abbr>
);

const STAGES = {
  waiting: 'Waiting',
  approved: 'Approved',
  sent_back: 'Sent back',
  refused: 'Refused',
  stuck: 'Stuck',
} as const;

/** A state as a stamped label; the word is always written. */
export const StageStamp = ({ stage, changed = false }: { stage: keyof typeof STAGES; changed?: boolean }) => (
  <span className={`stamp stamp-${stage}`}>
    {STAGES[stage]}
    {changed && <span className="font-normal">, changed since</span>}
  </span>
);

export const Stamp = ({
  kind,
  children,
}: {
  kind: 'draft' | 'published' | 'waiting' | 'approved' | 'refused';
  children: ReactNode;
}) => <span className={`stamp stamp-${kind}`}>{children}</span>;

/** A shortcut, drawn as a key. */
export const Key = ({ children }: { children: ReactNode }) => <kbd className="key">{children}</kbd>;
