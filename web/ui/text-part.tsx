import { Part } from './part.tsx';

/** A setting that is left out when nothing is written. */
export const without = <T extends object, K extends string>(type: T, key: K, text: string): T =>
  text.trim() === '' ? { ...type, [key]: undefined } : { ...type, [key]: text.trim() };

interface TextPartProps {
  readonly text: string;
  readonly shown: string;
  readonly what: string;
  readonly onText: (text: string) => void;
}

/** A part of the sentence that is a short text. */
export const TextPart = ({ text, shown, what, onText }: TextPartProps) => (
  <Part text={shown} what={what}>
    {(close) => (
      <form
        className="flex gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          event.stopPropagation();
          onText(String(new FormData(event.currentTarget).get('text') ?? '').trim());
          close();
        }}
      >
        <input className="box" name="text" defaultValue={text} aria-label={what} />
        <button type="submit" className="btn">
          Use
        </button>
      </form>
    )}
  </Part>
);
