import type { ReactNode } from 'react';
import { ProblemError, sayError } from '../data/client.ts';

/** What went wrong, every place of it; stays until it is mended. */
export const Problems = ({ error }: { error: unknown }) => {
  if (!error) return null;
  const errors = error instanceof ProblemError ? (error.answer.errors ?? []) : [];
  return (
    <div role="alert" className="my-3 border-l-4 border-brick bg-brick-wash px-3 py-2 text-brick">
      <p className="font-semibold">{errors.length === 1 ? errors[0]?.detail : sayError(error)}</p>
      {errors.length > 1 && (
        <ul className="ml-4 list-disc">
          {errors.map((each) => (
            <li key={`${each.pointer} ${each.detail}`}>{each.detail}</li>
          ))}
        </ul>
      )}
    </div>
  );
};

/** A place with nothing in it says what would be here, and the one next step. */
export const Empty = ({ title, children }: { title: string; children?: ReactNode }) => (
  <div className="px-6 py-10 text-center">
    <p className="font-semibold">{title}</p>
    {children && <div className="mt-1 text-ink-2">{children}</div>}
  </div>
);

/** The shape of what comes, shown only when it takes longer than a blink. */
export const Coming = () => (
  <output className="block animate-[coming_300ms_150ms_both] p-6" aria-label="Loading">
    {[60, 85, 70, 40].map((width) => (
      <span key={width} className="mb-3 block h-4 rounded bg-rule" style={{ width: `${width}%` }} />
    ))}
  </output>
);
