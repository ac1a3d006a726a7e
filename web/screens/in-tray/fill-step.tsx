import { useStore } from 'zustand';
import type { TrayDetail } from '#contract/index.ts';
import { useWorkspace } from '../../data/workspace.ts';
import type { useFieldEntry } from '../../fields/asking/field-entry.ts';
import { QuestionControl } from '../../fields/asking/question-control.tsx';

interface Props {
  readonly store: ReturnType<typeof useFieldEntry>;
  readonly fills: TrayDetail['fills'];
  /** What is missing or wrong is told once approving was tried. */
  readonly tried: boolean;
}

/** The id of the box in which a field is filled in. */
export const fillId = (field: string): string => `fills-${field}`;

/** The fields that only this step fills in. */
export const FillStep = ({ store, fills, tried }: Props) => {
  const { filledIn } = useStore(store);
  const { registers } = useWorkspace().workspace;
  return (
    <fieldset className="mt-6">
      <legend className="head-rule w-full font-semibold">
        You fill in <span className="font-normal text-haze">only you do</span>
      </legend>
      {fills.map(({ field, must }) => {
        const state = filledIn.byKey.get(field);
        if (!state) return null;
        const id = fillId(field);
        const missing =
          must && state.value === null ? [`${state.question.label} must be filled in before you approve.`] : [];
        const wrong = tried ? [...state.problems.map(({ detail }) => detail), ...missing].join(' ') : '';
        return (
          <div key={field} className="mt-2">
            <label id={`${id}-label`} htmlFor={id} className="font-semibold">
              {state.question.label}
              {must && (
                <span className="text-brick" aria-hidden="true">
                  {' '}
                  *
                </span>
              )}
            </label>
            <QuestionControl
              id={id}
              store={store}
              state={state}
              registers={registers}
              draft={false}
              invalid={wrong !== ''}
              describedBy={wrong === '' ? undefined : `${id}-wrong`}
            />
            {wrong !== '' && (
              <p id={`${id}-wrong`} className="wrong">
                {wrong}
              </p>
            )}
          </div>
        );
      })}
    </fieldset>
  );
};
