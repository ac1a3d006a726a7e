import { Fragment, type KeyboardEvent, type MouseEvent, type ReactElement, type ReactNode, useRef } from 'react';
import { type StoreApi, useStore } from 'zustand';
import { useShallow } from 'zustand/react/shallow';
import { type CompiledQuestion, type Media, pageOnWay } from '#core/form/index.ts';
import type { Register } from '#core/register/index.ts';
import type { EntryState } from '../../state/entry-store.ts';
import { useNarrow } from '../../ui/use-narrow.ts';
import { FormattedText } from '../controls/formatted.tsx';
import { QuestionRow } from './question-row.tsx';

interface Props {
  readonly store: StoreApi<EntryState>;
  readonly registers: readonly Register[];
  /** Look-ups are asked of the draft while a form is being made. */
  readonly draft: boolean;
  /** What the server refused, by question. */
  readonly refused: ReadonlyMap<string, readonly string[]>;
  /** Questions that this person may not answer here, by key, each with why not. */
  readonly locked?: Readonly<Record<string, string>>;
  readonly sendLabel: string;
  readonly sending: boolean;
  /** Buttons beside the one that sends; the last page may have others. */
  readonly beside: (isLast: boolean) => ReactNode;
  /** On a phone, where two buttons have room at its foot: what else there is, above them. */
  readonly under?: (isLast: boolean) => ReactNode;
  /** What is said above the buttons. */
  readonly above: ReactNode;
  readonly onSend: () => void;
  readonly onEscape?: () => void;
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

/** From so many questions on, those that are scrolled away are not drawn, some at a time. */
const LONG = 40;
const AT_A_TIME = 12;

/** Questions next to each other in one section, or in none. */
interface Group {
  readonly section: string | undefined;
  readonly questions: readonly CompiledQuestion[];
}

const grouped = (questions: readonly CompiledQuestion[]): Group[] => {
  const starts = questions.flatMap((question, i) =>
    question.section !== questions[i - 1]?.section || i === 0 ? [i] : [],
  );
  return starts.map((from, n) => ({
    section: questions[from]?.section,
    questions: questions.slice(from, starts[n + 1]),
  }));
};

/** What the form as a whole follows from: the same while only answers change, whose questions are drawn for themselves. */
const outlineOf = ({ filledIn, compiled, page: wanted, goTo, tryPage, tried }: EntryState) => {
  const page = pageOnWay(filledIn.way, wanted);
  const asked = filledIn.questions.filter((state) => state.asked);
  const hiddenWrong = tried ? asked.filter(({ question }) => question.hidden) : [];
  return {
    compiled,
    goTo,
    tryPage,
    page,
    way: filledIn.way.join(' '),
    shown: asked
      .filter(({ question }) => !question.hidden && question.page === page)
      .map(({ question }) => question.key)
      .join(' '),
    /** What is wrong with what is not shown, a line each. */
    hiddenWrong: hiddenWrong.flatMap(({ problems }) => problems.map((each) => each.detail)).join('\n'),
  };
};

const wordsOf = (text: string): string[] => text.split(' ').filter(Boolean);

const NOTHING_LOCKED: Readonly<Record<string, string>> = {};

/** A form being filled in, page by page: only what applies is asked, and all that follows from an answer follows at once. */
export const EntryForm = ({
  store,
  registers,
  draft,
  refused,
  locked = NOTHING_LOCKED,
  sendLabel,
  sending,
  beside,
  under,
  above,
  onSend,
  onEscape,
}: Props) => {
  const form = useRef<HTMLFormElement>(null);
  const head = useRef<HTMLHeadingElement>(null);
  const { compiled, page, goTo, tryPage, ...outline } = useStore(store, useShallow(outlineOf));
  const way = wordsOf(outline.way).map(Number);
  const step = way.indexOf(page);
  const isLast = step === way.length - 1;
  const shown = compiled.pages[page]?.page;
  // Also while few of them are asked, so that none is made anew when more are.
  const isLong = compiled.questions.length > LONG;
  const visible = wordsOf(outline.shown).flatMap((key) => compiled.byKey.get(key) ?? []);
  const narrow = useNarrow();
  const turn = (to: number | undefined): void => {
    if (to === undefined) return;
    goTo(to);
    requestAnimationFrame(() => {
      head.current?.scrollIntoView({ block: 'nearest' });
      // What is typed next belongs to the first question. On a phone its keys would cover the page that one has not read.
      const [first] = form.current && !narrow ? controlsOf(form.current) : [];
      (first ?? head.current)?.focus();
    });
  };
  const onward = (): void => {
    const wrong = isLast ? null : tryPage(page);
    if (wrong === null) onSend();
    else if (wrong.size === 0) turn(way[step + 1]);
    else if (form.current) focusFirstWrong(form.current, wrong);
  };
  const onKeyDown = (event: KeyboardEvent): void => {
    if (event.key === 'Escape' && !event.defaultPrevented) onEscape?.();
    if (event.key !== 'Enter' || event.defaultPrevented || !form.current) return;
    if (event.ctrlKey || event.metaKey) {
      event.preventDefault();
      onward();
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
  const back = step > 0 && (
    <button type="button" className={narrow ? 'btn btn-quiet -ml-2' : 'btn'} onClick={() => turn(way[step - 1])}>
      Back a page
    </button>
  );
  return (
    <form
      ref={form}
      className="entry-form"
      noValidate
      onKeyDown={onKeyDown}
      onSubmit={(event) => {
        event.preventDefault();
        onward();
      }}
    >
      {compiled.pages.length > 1 && <Progress of={way.length} at={step} />}
      {narrow && back && <div className="-mt-2 mb-1">{back}</div>}
      {shown && compiled.pages.length > 1 && (
        <h2 ref={head} tabIndex={-1} className="mb-2 text-lg! outline-none">
          {shown.label}
        </h2>
      )}
      {page === 0 && compiled.form.introduction && <FormattedText text={compiled.form.introduction} />}
      {page === 0 && compiled.form.media && <Shown form={compiled.form.key} media={compiled.form.media} />}
      {shown?.introduction && <FormattedText text={shown.introduction} />}
      {shown?.media && <Shown form={compiled.form.key} media={shown.media} />}
      <p className="mb-3 text-xs text-ink-2">
        <span className="text-brick">*</span> must be answered
      </p>
      {grouped(visible).map(({ section, questions }) => {
        const row = (question: CompiledQuestion) => (
          <QuestionRow
            key={question.key}
            store={store}
            question={question}
            registers={registers}
            draft={draft}
            refused={refused}
            locked={locked[question.key]}
          />
        );
        const rows = isLong ? inParts(compiled.questions, questions, row) : questions.map(row);
        const held = compiled.sections.get(section ?? '')?.section;
        return held ? (
          <fieldset key={held.key} className="mb-4 border-t border-rule-strong pt-2">
            <legend className="pr-3 font-semibold">{held.label}</legend>
            {held.help && <p className="mb-3 text-ink-2">{held.help}</p>}
            {rows}
          </fieldset>
        ) : (
          <Fragment key={questions[0]?.key}>{rows}</Fragment>
        );
      })}
      {outline.hiddenWrong !== '' &&
        outline.hiddenWrong.split('\n').map((wrong) => (
          <p key={wrong} role="alert" className="wrong mb-2">
            {wrong} It is not shown here: this form is opened from where it is known.
          </p>
        ))}
      {above}
      {narrow && under?.(isLast)}
      {/* biome-ignore lint/a11y/noStaticElementInteractions: it only keeps the focus where it is */}
      <div onMouseDown={keepFocus} className="entry-bar flex flex-wrap items-center gap-3">
        <button type="submit" className="btn btn-go" disabled={sending}>
          {isLast ? sendLabel : 'Onward'}
        </button>
        {!narrow && back}
        {beside(isLast)}
      </div>
    </form>
  );
};

/**
 * Some questions at a time in a part that is left undrawn while it is scrolled away. Which part a question stands in follows
 * from its place in the form, not from what is asked: in another one it would be made anew, and what has the focus lose it.
 */
const inParts = (
  all: readonly CompiledQuestion[],
  questions: readonly CompiledQuestion[],
  row: (question: CompiledQuestion) => ReactElement,
): ReactElement[] => {
  const parts = new Map<number, CompiledQuestion[]>();
  for (const question of questions) {
    const part = Math.floor(all.indexOf(question) / AT_A_TIME);
    parts.set(part, [...(parts.get(part) ?? []), question]);
  }
  return [...parts].map(([part, held]) => (
    <div key={part} className="drawn-when-seen">
      {held.map(row)}
    </div>
  ));
};

/** A picture or video beside an introduction. */
const Shown = ({ form, media }: { form: string; media: Media }) => {
  const address = `/api/forms/${encodeURIComponent(form)}/media/${media.file}`;
  return media.kind === 'picture' ? (
    <img src={address} alt={media.words} className="mb-3 max-h-80 max-w-full" />
  ) : (
    // biome-ignore lint/a11y/useMediaCaption: its words stand below it
    <video src={address} controls aria-label={media.words} className="mb-3 max-h-80 max-w-full" />
  );
};

/** How far one is: the pages on one's own way, and no others. */
const Progress = ({ of, at }: { of: number; at: number }) => (
  <p className="mb-4">
    <span className="mb-1 block text-[13px] text-ink-2 max-sm:sr-only">
      Page {at + 1} of {of}
    </span>
    <span aria-hidden="true" className="flex gap-1">
      {Array.from({ length: of }, (_, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a stretch of the bar is its place
        <span key={i} className={`h-1.5 grow ${i <= at ? 'bg-iolite' : 'bg-rule'}`} />
      ))}
    </span>
  </p>
);
