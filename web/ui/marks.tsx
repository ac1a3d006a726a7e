import type { ReactNode } from 'react';

/** A register's three letters as an index tab; spoken as the register's name. */
export const TabMark = ({ mark, name }: { mark: string; name: string }) => (
  <abbr className="tab-mark no-underline" title={name} aria-label={name}>
    {mark}
  </abbr>
);

const STAGES = { waiting: 'Waiting', approved: 'Approved', sent_back: 'Sent back', refused: 'Refused' } as const;

/** A state as a stamped label; the word is always written. */
export const StageStamp = ({ stage }: { stage: keyof typeof STAGES }) => (
  <span className={`stamp stamp-${stage}`}>{STAGES[stage]}</span>
);

export const Stamp = ({ kind, children }: { kind: 'draft' | 'published' | 'waiting'; children: ReactNode }) => (
  <span className={`stamp stamp-${kind}`}>{children}</span>
);

/** A shortcut, drawn as a key. */
export const Key = ({ children }: { children: ReactNode }) => <kbd className="key">{children}</kbd>;
