import { type KeyboardEvent, type MouseEvent, type ReactNode, useId, useRef } from 'react';
import { type StoreApi, useStore } from 'zustand';
import type { QuestionState } from '#core/form/index.ts';
import { type Register, valueContext } from '#core/register/index.ts';
import { behaviourOf, type FieldKindName } from '#core/values/index.ts';
import type { EntryState } from '../state/entry-store.ts';
import { QuestionControl } from './question-control.tsx';

interface Props {
  readonly store: StoreApi<EntryState>;
  readonly registers: readonly Register[];
  /** Look-ups are asked of the draft while a form is being made. */
  readonly draft: boolean;
  /** What the server refused, by question. */
  readonly refused: ReadonlyMap<string, readonly string[]>;
  readonly onSend: () => void;
  readonly onEscape?: () => void;
  readonly children: ReactNode;
}

const controlsOf = (form: HTMLElement): HTMLElement[] => {
  const seen = new Set<string>();
  return [
    ...form.querySelectorAll<HTMLElement>('[data-question] input, [data-question] textarea, [data-question] select'),
  ].filter((control) => {
    // Of a group of radios only the chosen or first one takes the focus.
    const question = control.closest<HTMLElement>('[data-question]')?.dataset.question ?? '';
    if (control instanceof HTMLInputElement && control.type === 'radio') {
      const group = [...form.querySelectorAll<HTMLInputElement>(`[data-question="${question}"] input[type=radio]`)];
      if (control !== (group.find((each) => each.checked) ?? group[0])) return false;
    }
    if (seen.has(question)) return false;
    seen.add(question);
    return true;
  });
};

/** Puts the focus on the first question that is wrong. */
export const focusFirstWrong = (form: HTMLElement, keys: ReadonlySet<string>): void => {
  controlsOf(form)
    .find((control) => keys.has(control.closest<HTMLElement>('[data-question]')?.dataset.question ?? ''))
    ?.focus();
};

/**
 * A button pressed with the mouse leaves the focus where it is: were the question left first, what is wrong with it would
 * be told, the button would move from under the pointer, and the press would be lost.
 */
const keepFocus = (event: MouseEvent): void => {
  if (event.target instanceof Element && event.target.closest('button, a')) event.preventDefault();
};

/** A form being filled in: only what applies is asked, and all that follows from an answer follows at once. */
export const EntryForm = ({ store, registers, draft, refused, onSend, onEscape, children }: Props) => {
  const form = useRef<HTMLFormElement>(null);
  const questions = useStore(store, (state) => state.filledIn.questions);
  const onKeyDown = (event: KeyboardEvent): void => {
    if (event.key === 'Escape' && !event.defaultPrevented) onEscape?.();
    if (event.key !== 'Enter' || event.defaultPrevented || !form.current) return;
    if (event.ctrlKey || event.metaKey) {
      event.preventDefault();
      onSend();
      return;
    }
    const { target } = event;
    if (
      target instanceof HTMLTextAreaElement ||
      target instanceof HTMLButtonElement ||
      target instanceof HTMLAnchorElement
    )
      return;
    event.preventDefault();
    const controls = controlsOf(form.current);
    const question = target instanceof HTMLElement ? target.closest<HTMLElement>('[data-question]') : null;
    const at = controls.findIndex((control) => control.closest('[data-question]') === question);
    const next = controls[at + 1] ?? form.current.querySelector<HTMLElement>('button[type=submit]');
    next?.focus();
  };
  return (
    <form
      ref={form}
      noValidate
      onKeyDown={onKeyDown}
      onSubmit={(event) => {
        event.preventDefault();
        onSend();
      }}
    >
      <p className="mb-3 text-xs text-ink-2">
        <span className="text-brick">*</span> must be answered
      </p>
      {questions
        .filter((state) => state.asked)
        .map((state) => (
          <QuestionRow
            key={state.question.key}
            store={store}
            state={state}
            registers={registers}
            draft={draft}
            refused={refused.get(state.question.key)}
          />
        ))}
      {/* biome-ignore lint/a11y/noStaticElementInteractions: it only keeps the focus where it is */}
      <div onMouseDown={keepFocus}>{children}</div>
    </form>
  );
};

/** A value that follows from other answers: shown like a filled-in one, and not to be typed in. */
const WorkedOut = ({
  id,
  state,
  compiled,
  links,
  describedBy,
}: Pick<EntryState, 'compiled' | 'links'> & { id: string; state: QuestionState; describedBy: string | undefined }) => {
  const { field } = state.question;
  const linked = typeof state.value === 'string' ? links[state.value]?.title : undefined;
  const numeric = behaviourOf(field.type).value.kind === 'number';
  const given = field.type.kind === 'worked_out' ? field.type.gives : field.type;
  const shown = linked ?? behaviourOf(field.type).show(state.value, valueContext(compiled.catalogue));
  return (
    <>
      <output
        id={id}
        aria-describedby={describedBy}
        className={`box box-filled flex gap-2 ${numeric ? 'justify-end' : ''}`}
      >
        {shown === '' ? <span className="text-ink-2">nothing yet</span> : shown}
        {given.kind === 'money' && shown !== '' && !shown.endsWith(given.currency) && (
          <span className="text-ink-2">{given.currency}</span>
        )}
      </output>
      <p className="pt-0.5 text-[13px] text-haze">{state.note ?? 'Worked out from the other answers'}</p>
    </>
  );
};

interface RowProps {
  readonly store: StoreApi<EntryState>;
  readonly state: QuestionState;
  readonly registers: readonly Register[];
  readonly draft: boolean;
  readonly refused: readonly string[] | undefined;
}

/** Kinds whose control is a group of several: their label is tied to the group. */
const GROUPED: ReadonlySet<FieldKindName> = new Set(['choice', 'yes_no', 'choices', 'rows', 'address']);
/** Kinds that need the whole width: their label stands above. */
const WIDE: ReadonlySet<FieldKindName> = new Set(['rows']);

const QuestionRow = ({ store, state, registers, draft, refused }: RowProps) => {
  const id = useId();
  const { compiled, links, left, tried } = useStore(store);
  const { question } = state;
  const { key } = question;
  const told = tried || left.has(key);
  const problems = told ? state.problems.map((each) => each.detail) : [];
  const wrong = problems.length > 0 ? problems : (refused ?? []);
  const filledBy = state.filledBy ? compiled.byKey.get(state.filledBy)?.label : undefined;
  const notes = [...(wrong.length > 0 ? [`${id}-wrong`] : []), ...(filledBy ? [`${id}-from`] : [])];
  const describedBy = notes.length > 0 ? notes.join(' ') : undefined;
  const { kind } = question.field.type;
  const grouped = GROUPED.has(kind);
  const Label = grouped ? 'span' : 'label';
  return (
    <div data-question={key} className={`mb-4 ${WIDE.has(kind) ? '' : 'sm:grid sm:grid-cols-[8.5rem_1fr] sm:gap-x-3'}`}>
      <Label
        {...(grouped ? {} : { htmlFor: id })}
        id={`${id}-label`}
        className={`block pb-1 font-semibold sm:pt-1.5 ${WIDE.has(kind) ? '' : 'sm:text-right'}`}
      >
        {question.label}
        {question.required && (
          <span className="text-brick" role="img" aria-label="must be answered">
            {' '}
            *
          </span>
        )}
      </Label>
      <div>
        {question.workedOut ? (
          <WorkedOut id={id} state={state} compiled={compiled} links={links} describedBy={describedBy} />
        ) : (
          <QuestionControl
            id={id}
            store={store}
            state={state}
            registers={registers}
            draft={draft}
            invalid={wrong.length > 0}
            describedBy={describedBy}
          />
        )}
        {filledBy && (
          <p id={`${id}-from`} className="pt-0.5 text-[13px] text-haze">
            Filled in from {filledBy}
          </p>
        )}
        {wrong.length > 0 && (
          <p id={`${id}-wrong`} className="wrong pt-0.5">
            {wrong.join(' ')}
          </p>
        )}
      </div>
    </div>
  );
};
