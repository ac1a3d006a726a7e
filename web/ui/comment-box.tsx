import type { Ref } from 'react';
import { Labelled } from './labelled.tsx';

interface Props {
  readonly label: string;
  readonly value: string;
  readonly rows?: number;
  readonly wrong?: string | undefined;
  readonly box?: Ref<HTMLTextAreaElement>;
  readonly onChange: (value: string) => void;
}

/** Where one says why, in as many words as a decision keeps. */
export const CommentBox = ({ label, value, rows = 3, wrong, box, onChange }: Props) => (
  <Labelled label={label} wrong={wrong}>
    {(tied) => (
      <textarea
        {...tied}
        ref={box}
        className="box"
        rows={rows}
        maxLength={2000}
        value={value}
        onChange={(event) => onChange(event.target.value)}
      />
    )}
  </Labelled>
);
