import { useEffect, useRef } from 'react';
import type { PlanAnswer } from '#contract/index.ts';

interface Props {
  readonly plan: PlanAnswer;
  readonly busy: boolean;
  readonly onCarryOut: () => void;
}

/** What was rehearsed, step by step, and the button that does it; it takes the focus when it comes. */
export const CarryOutPlan = ({ plan, busy, onCarryOut }: Props) => {
  const place = useRef<HTMLElement>(null);
  useEffect(() => {
    if (plan) place.current?.focus();
  }, [plan]);
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
          <li key={step.says}>{step.says}</li>
        ))}
      </ol>
      <button type="button" className="btn btn-go" disabled={busy || plan.steps.length === 0} onClick={onCarryOut}>
        {busy ? 'Carrying out …' : 'Carry out'}
      </button>
    </section>
  );
};
