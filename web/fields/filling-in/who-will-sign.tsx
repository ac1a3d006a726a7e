import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useStore } from 'zustand';
import type { StoredValue } from '#core/values/index.ts';
import { queries } from '../../data/queries.ts';
import type { createEntryStore } from '../../state/entry-store.ts';

interface Props {
  readonly form: string;
  readonly store: ReturnType<typeof createEntryStore>;
}

/** Answers are asked about once they have stood for so long. */
const PAUSE_MS = 600;

/** Who will sign what is about to be sent, as far as the answers say it. */
export const WhoWillSign = ({ form, store }: Props) => {
  const { filledIn } = useStore(store);
  const [asked, setAsked] = useState<string | null>(null);
  const values = JSON.stringify(
    Object.fromEntries(
      filledIn.questions.flatMap(({ asked: isAsked, question, value }): [string, StoredValue][] =>
        isAsked && value !== null ? [[question.key, value]] : [],
      ),
    ),
  );
  useEffect(() => {
    const timer = setTimeout(() => setAsked(values), PAUSE_MS);
    return () => clearTimeout(timer);
  }, [values]);
  const [isSigned, setSigned] = useState(true);
  const { data } = useQuery({ ...queries.whoSignsForm(form, asked), enabled: asked !== null && isSigned });
  useEffect(() => {
    // Where nobody signs anything of the register, nothing is asked again.
    if (data?.has_routes === false) setSigned(false);
  }, [data]);
  if (!data?.has_routes || data.says === '') return null;
  return (
    <p className="mb-3 text-ink-2" aria-live="polite">
      <span className="font-semibold text-ink">Who will sign:</span> {data.says}
    </p>
  );
};
