import { useMemo } from 'react';
import { checkExpression, type Expected, type SayContext } from '#core/expression/index.ts';

interface Props {
  readonly text: string;
  readonly expected: Expected;
  readonly context: SayContext;
  readonly onChange: (text: string) => void;
}

/** What looks like a mistake though it is allowed: a condition that can never be true, a share of 5,000 %; with the mend. */
export const Oddities = ({ text, expected, context, onChange }: Props) => {
  const checked = useMemo(
    () => (text.trim() === '' ? null : checkExpression(text, context.vocabulary, expected)),
    [text, expected, context.vocabulary],
  );
  const told = checked?.ok ? checked.value.warnings : [];
  return told.map(({ detail, mend }) => (
    <span key={detail} className="block text-straw" role="status">
      {detail}{' '}
      {mend && (
        <button type="button" className="quiet-link" onClick={() => onChange(mend.text)}>
          {mend.says}
        </button>
      )}
    </span>
  ));
};
