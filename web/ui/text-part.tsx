import { useId, useState } from 'react';
import { Part } from './part.tsx';

/** A setting that is left out when nothing is written. */
export const without = <T extends object, K extends string>(type: T, key: K, text: string): T =>
  text.trim() === '' ? { ...type, [key]: undefined } : { ...type, [key]: text.trim() };

interface TextPartProps {
  readonly text: string;
  readonly shown: string;
  readonly what: string;
  /** Why what was written cannot be used, in a sentence; null where it can. */
  readonly refuse?: (text: string) => string | null;
  readonly onText: (text: string) => void;
}

/** A part of the sentence that is a short text. */
export const TextPart = ({ shown, what, ...editor }: TextPartProps) => (
  <Part text={shown} what={what}>
    {(close) => <TextEditor {...editor} what={what} close={close} />}
  </Part>
);

const TextEditor = ({
  text,
  what,
  refuse,
  onText,
  close,
}: Omit<TextPartProps, 'shown'> & { readonly close: () => void }) => {
  const [wrong, setWrong] = useState<string | null>(null);
  const told = useId();
  return (
    <form
      className="grid gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        event.stopPropagation();
        const typed = String(new FormData(event.currentTarget).get('text') ?? '').trim();
        const refused = refuse?.(typed) ?? null;
        setWrong(refused);
        if (refused !== null) return;
        onText(typed);
        close();
      }}
    >
      <span className="flex gap-2">
        <input
          className="box"
          name="text"
          defaultValue={text}
          onFocus={(event) => event.target.select()}
          aria-label={what}
          aria-invalid={wrong !== null}
          aria-describedby={told}
        />
        <button type="submit" className="btn">
          Use
        </button>
      </span>
      <span id={told} role="alert" className="wrong">
        {wrong}
      </span>
    </form>
  );
};
