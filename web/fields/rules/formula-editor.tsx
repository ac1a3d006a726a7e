import { lazy, Suspense, useId, useState } from 'react';
import {
  checkExpression,
  type Expected,
  findCondition,
  type Mood,
  type SayContext,
  sayCondition,
} from '#core/expression/index.ts';

import { forgetFormula, formulaPutAway, putFormulaAway } from '../../state/put-away.ts';

// The editor is a third of the interface by weight and opens seldom.
const CodeBox = lazy(() => import('./code-box.tsx'));

interface Props {
  readonly text: string;
  readonly expected: Expected;
  readonly context: SayContext;
  readonly mood?: Mood;
  readonly mayBeEmpty?: boolean;
  /** What must be said besides, as that SQL cannot answer it; null where nothing is. */
  readonly refuse?: (notInSql: string | null) => string | null;
  readonly onChange: (text: string) => void;
  readonly onCancel: () => void;
}

/** The stored text itself, with completion, help and what is wrong shown in place; wrong text is kept, not stored. */
export const FormulaEditor = ({
  text,
  expected,
  context,
  mood = 'is',
  mayBeEmpty = false,
  refuse,
  onChange,
  onCancel,
}: Props) => {
  const [typed, setTyped] = useState(text);
  // What the box begins with: other text makes another box.
  const [begun, setBegun] = useState(text);
  const [before] = useState(() => formulaPutAway(text));
  const says = useId();
  const empty = typed.trim() === '';
  const checked = checkExpression(typed, context.vocabulary, expected);
  const refused = checked.ok ? (refuse?.(checked.value.notInSql) ?? null) : null;
  const wrong = empty ? [] : checked.ok ? (refused ? [refused] : []) : checked.problems.map((each) => each.detail);
  const usable = empty ? mayBeEmpty : wrong.length === 0;
  const condition = checked.ok && expected.kind === 'condition' ? findCondition(checked.value.expr) : null;
  const use = () => {
    if (!usable) return;
    forgetFormula(text);
    onChange(empty ? '' : typed);
  };
  const leave = () => {
    putFormulaAway(text, typed);
    onCancel();
  };
  return (
    <form
      aria-label="Formula"
      className="inline-flex w-full max-w-2xl flex-col gap-1.5 align-top"
      onSubmit={(event) => {
        event.preventDefault();
        event.stopPropagation();
        use();
      }}
    >
      <Suspense fallback={<span className="box font-mono">{typed}</span>}>
        <CodeBox
          key={begun}
          text={begun}
          vocabulary={context.vocabulary}
          expected={expected}
          describedBy={says}
          onChange={setTyped}
          onUse={use}
          onCancel={leave}
        />
      </Suspense>
      {before !== null && before !== typed && typed === text && (
        <span className="text-[13px] text-ink-2">
          You had typed <code className="font-mono">{before}</code> here.{' '}
          <button
            type="button"
            className="part"
            onClick={() => {
              setTyped(before);
              setBegun(before);
            }}
          >
            Take it up
          </button>
        </span>
      )}
      <span id={says} role={wrong.length > 0 ? 'alert' : 'status'}>
        {wrong.map((detail) => (
          <span key={detail} className="wrong block">
            {detail}
          </span>
        ))}
        {!empty && checked.ok && wrong.length === 0 && (
          <>
            {checked.value.warnings.map((each) => (
              <span key={each.detail} className="block text-straw">
                {each.detail}
              </span>
            ))}
            {condition && <span className="block text-ink-2">It says: {sayCondition(condition, mood, context)}.</span>}
          </>
        )}
      </span>
      <span className="flex items-center gap-2">
        <button type="submit" className="btn" disabled={!usable}>
          Use
        </button>
        <button type="button" className="btn btn-quiet" onClick={leave}>
          Cancel
        </button>
        <span className="text-xs text-ink-2">
          Enter uses it, Shift+Enter starts a new line, Escape takes back what was done last
        </span>
      </span>
    </form>
  );
};
