import { type ReactNode, useId } from 'react';
import { ProblemError } from '../data/client.ts';

interface Props {
  readonly label: string;
  readonly help?: string;
  readonly wrong?: string | undefined;
  readonly children: (tied: { id: string; 'aria-describedby': string; 'aria-invalid': boolean }) => ReactNode;
}

/** A box with its label above and a word of help under it; what is wrong takes the help's place. */
export const Labelled = ({ label, help, wrong, children }: Props) => {
  const id = useId();
  const told = `${id}-told`;
  return (
    <div className="grid content-start gap-1">
      <label htmlFor={id} className="font-semibold">
        {label}
      </label>
      {children({ id, 'aria-describedby': told, 'aria-invalid': wrong !== undefined })}
      <span id={told} className={wrong === undefined ? 'text-[13px] text-ink-2' : 'wrong'}>
        {wrong ?? help}
      </span>
    </div>
  );
};

/** What a refusal says of one place, by its pointer: `#/person/email`. */
export const wrongAt = (error: unknown, pointer: string): string | undefined =>
  error instanceof ProblemError ? error.answer.errors?.find((each) => each.pointer === pointer)?.detail : undefined;

/** Whether a refusal carries a code. */
export const hasCode = (error: unknown, code: string): boolean =>
  error instanceof ProblemError && (error.answer.errors ?? []).some((each) => each.code === code);
