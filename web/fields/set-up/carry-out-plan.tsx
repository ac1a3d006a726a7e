import { useEffect, useId, useRef, useState } from 'react';
import type { PlanAnswer } from '#contract/index.ts';
import { joinWords } from '#core/base/index.ts';
import { BreakingRecords } from './breaking.tsx';

/** What becomes of records that break what is asked from then on. */
export type OfBreaking = 'stand' | 'mended_first' | 'as_asked';

interface Props {
  readonly plan: PlanAnswer;
  readonly busy: boolean;
  readonly onCarryOut: (breaking: OfBreaking) => void;
  /** A record that would break it was mended: it is rehearsed again. */
  readonly onMended?: () => void;
}

/** What was rehearsed, step by step, and the button that does it; it takes the focus when it comes. */
export const CarryOutPlan = ({ plan, busy, onCarryOut, onMended }: Props) => {
  const place = useRef<HTMLElement>(null);
  const hasCome = useRef(false);
  useEffect(() => {
    // Rehearsed again while records are mended, it leaves the focus where they are.
    if (!hasCome.current) place.current?.focus();
    hasCome.current = true;
  }, []);
  const breaking = plan.steps.flatMap((step) => (step.breaking ? [step.breaking] : []));
  const mayStand = breaking.every((each) => each.may_stand);
  const [chosen, setChosen] = useState<OfBreaking | null>(null);
  const of = chosen ?? (mayStand ? 'stand' : 'mended_first');
  const name = useId();
  const waits = breaking.length > 0 && of === 'mended_first';
  const choice = (value: OfBreaking, words: string) => (
    <label className="flex items-baseline gap-2">
      <input type="radio" name={name} checked={of === value} onChange={() => setChosen(value)} />
      <span>{words}</span>
    </label>
  );
  return (
    <section
      ref={place}
      tabIndex={-1}
      aria-label="What carrying out would do"
      className="mt-4 border border-rule-strong bg-paper p-4 outline-none"
    >
      <h2>Carrying out would do this</h2>
      {plan.steps.length === 0 && <p className="my-2">Nothing: it is as you describe it already.</p>}
      <ol className="my-2 ml-5 list-decimal space-y-1">
        {plan.steps.map((step) => (
          <li key={step.says}>
            {step.says}
            {step.breaking && <BreakingRecords breaking={step.breaking} onMended={onMended ?? (() => undefined)} />}
          </li>
        ))}
      </ol>
      {breaking.length > 0 && mayStand && (
        <fieldset className="my-3 grid gap-1">
          <legend className="font-semibold">The records that break it</legend>
          {choice(
            'stand',
            `may stay as they are until ${joinWords([...new Set(breaking.map(({ until }) => until))], 'or')} is changed`,
          )}
          {choice('mended_first', 'are mended first, here or where they are')}
          {breaking.some(({ stands }) => !stands) && choice('as_asked', 'are mended when each of them is next changed')}
        </fieldset>
      )}
      {plan.steps.length > 0 && (
        <button type="button" className="btn btn-go" disabled={busy || waits} onClick={() => onCarryOut(of)}>
          {busy ? 'Carrying out …' : 'Carry out'}
        </button>
      )}
      {waits && (
        <p role="status" className="mt-2 text-ink-2">
          {mayStand
            ? 'It can be carried out once none breaks it any more.'
            : 'It is refused until none breaks it any more.'}
        </p>
      )}
    </section>
  );
};
