import { useQuery } from '@tanstack/react-query';
import { type ComponentType, Fragment, memo, useId } from 'react';
import type { Problem } from '#core/base/index.ts';
import type { CompiledForm, CompiledQuestion, QuestionState } from '#core/form/index.ts';
import { titleField, valueContext } from '#core/register/index.ts';
import { behaviourOf, currencyIn, isNumeric, type StoredValue, sameValue, shownAs } from '#core/values/index.ts';
import { queries } from '../../data/queries.ts';
import type { EntryState } from '../../state/entry-store.ts';
import { askedPath, placeInNew } from '../../state/places.ts';
import { useQuestion } from '../../state/use-question.ts';
import { layoutOf } from '../kinds/index.tsx';
import { NewRecords, type QuestionRowProps } from './new-records.tsx';
import { QuestionControl } from './question-control.tsx';

/** A value that follows from other answers: shown like a filled-in one, and not to be typed in. */
const Given = ({
  id,
  state,
  compiled,
  links,
  describedBy,
  why,
}: Pick<EntryState, 'compiled' | 'links'> & {
  id: string;
  state: QuestionState;
  describedBy: string | undefined;
  why: string | undefined;
}) => {
  const { field } = state.question;
  const linked = typeof state.value === 'string' ? links[state.value]?.title : undefined;
  const currency = currencyIn(shownAs(field.type));
  const shown = linked ?? behaviourOf(field.type).show(state.value, valueContext(compiled.catalogue));
  return (
    <>
      <output
        id={id}
        aria-describedby={describedBy}
        className={`box box-filled flex gap-2 ${isNumeric(field.type) ? 'justify-end' : ''}`}
      >
        {shown === '' ? <span className="text-ink-2">nothing yet</span> : shown}
        {currency !== null && shown !== '' && !shown.endsWith(currency) && (
          <span className="text-ink-2">{currency}</span>
        )}
      </output>
      <p className="pt-0.5 text-[13px] text-haze">
        {why ?? state.note ?? (state.locked ? 'Locked with these answers' : 'Worked out from the other answers')}
      </p>
    </>
  );
};

const shownValue = ({ compiled, links }: EntryState, { question }: QuestionState, value: StoredValue): string =>
  (typeof value === 'string' ? links[value]?.title : undefined) ??
  behaviourOf(question.field.type).show(value, valueContext(compiled.catalogue));

/** Whether what is answered may tell that a record is there already: of one that is made along also what it is called. */
const tellsAlike = ({ within, register }: CompiledForm, { key, unique }: CompiledQuestion): boolean =>
  unique !== null || register.alike.includes(key) || (within !== '' && titleField(register).key === key);

interface AlikeProps {
  readonly entry: EntryState;
  readonly state: QuestionState;
  readonly draft: boolean;
  /** Takes a record that is there instead of one that is made along. */
  readonly onInstead: ((record: string) => Promise<void>) | undefined;
}

/** Other records that hold the same: a likely duplicate, or what must be unique and is not. */
const Alike = ({ entry, state, draft, onInstead }: AlikeProps) => {
  const { compiled, recordId } = entry;
  const { key, unique } = state.question;
  const { value } = state;
  const asks = typeof value === 'string' && value.length > 1 && state.source !== 'record';
  const { data } = useQuery({
    ...queries.duplicates(
      compiled.form.key,
      askedPath(compiled, key),
      typeof value === 'string' ? value : '',
      recordId,
      draft,
    ),
    enabled: asks,
  });
  if (!asks || !data?.any) return null;
  return (
    <p role="status" className={`pt-0.5 text-[13px] ${unique ? 'wrong' : 'text-haze'}`}>
      {unique ? 'There is this already' : 'This may be there already'}
      {data.found.length > 0 && ': '}
      {data.found.map(({ id, number, title }, i) => (
        <Fragment key={id}>
          {i > 0 && ', '}
          <a className="part" href={`/registers/${compiled.register.key}/${id}`} target="_blank" rel="noreferrer">
            {title} {number}
          </a>
          {onInstead && (
            <>
              {' '}
              <button type="button" className="part" onClick={() => void onInstead(id)}>
                Choose {title} instead
              </button>
            </>
          )}
        </Fragment>
      ))}
      .
    </p>
  );
};

/** In a change form, what stood there before it was changed. */
const Before = ({ id, state, entry }: { id: string; state: QuestionState; entry: EntryState }) => {
  const { record } = entry.entry;
  const { key, field } = state.question;
  const before = record?.[key] ?? null;
  if (!record || state.source === 'record' || sameValue(before, state.value)) return null;
  const known = typeof before === 'string' ? entry.links[before]?.title : undefined;
  const shown = known ?? behaviourOf(field.type).show(before, valueContext(entry.compiled.catalogue));
  return (
    <p id={id} className="pt-0.5 text-[13px] text-haze">
      was {shown === '' ? 'empty' : shown}
    </p>
  );
};

/** One question: its name, its control, where its value comes from and what is wrong with it. */
export const QuestionRow: ComponentType<QuestionRowProps> = memo((props: QuestionRowProps) => {
  const { store, question, registers, draft, locked, within, onInstead } = props;
  const id = useId();
  const entry = useQuestion(store, question);
  const { compiled, links, left, tried } = entry;
  const { key } = question;
  const state = entry.filledIn.byKey.get(key);
  if (!state) return null;
  const told = tried || left.has(key);
  // What is wrong with a record that is made along stands at its own questions.
  const isOwn = (each: Problem): boolean => !entry.filledIn.made.has(String(each.path[1]));
  const problems = told ? state.problems.filter(isOwn).map((each) => each.detail) : [];
  const place = within === undefined ? key : placeInNew(within, key);
  const wrong = problems.length > 0 ? problems : (props.refused.get(place) ?? []);
  const filledBy = state.filledBy ? compiled.byKey.get(state.filledBy)?.label : undefined;
  const notes = [
    ...(question.help ? [`${id}-help`] : []),
    ...(wrong.length > 0 ? [`${id}-wrong`] : []),
    ...(filledBy ? [`${id}-from`] : []),
  ];
  const describedBy = notes.length > 0 ? notes.join(' ') : undefined;
  const { group: grouped, wideControl } = layoutOf(question.field.type.kind);
  const Label = grouped ? 'span' : 'label';
  return (
    <div data-question={place} className={`mb-4 ${wideControl ? '' : 'sm:grid sm:grid-cols-[8.5rem_1fr] sm:gap-x-3'}`}>
      <Label
        {...(grouped ? {} : { htmlFor: id })}
        id={`${id}-label`}
        className={`block pb-1 font-semibold sm:pt-1.5 ${wideControl ? '' : 'sm:text-right'}`}
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
        {question.workedOut || state.locked || locked !== undefined ? (
          <Given id={id} state={state} compiled={compiled} links={links} describedBy={describedBy} why={locked} />
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
        {question.help && (
          <p id={`${id}-help`} className="pt-0.5 text-[13px] text-ink-2">
            {question.help}
          </p>
        )}
        <Before id={`${id}-was`} state={state} entry={entry} />
        {filledBy && (
          <p id={`${id}-from`} className="pt-0.5 text-[13px] text-haze">
            Filled in from {filledBy}
          </p>
        )}
        {state.instead && (
          <p className="flex flex-wrap items-center gap-2 pt-0.5 text-[13px] text-haze">
            {compiled.byKey.get(state.instead.by)?.label} has “{shownValue(entry, state, state.instead.value)}”.
            <button type="button" className="part" onClick={() => entry.takeInstead(key)}>
              Use that instead
            </button>
          </p>
        )}
        {entry.unknown[key] !== undefined && (
          <p role="status" className="pt-0.5 text-[13px] text-haze">
            {entry.unknown[key]}
          </p>
        )}
        {tellsAlike(compiled, question) && <Alike entry={entry} state={state} draft={draft} onInstead={onInstead} />}
        {wrong.length > 0 && (
          <p id={`${id}-wrong`} className="wrong pt-0.5">
            {wrong.join(' ')}
          </p>
        )}
      </div>
      <NewRecords
        store={store}
        entry={entry}
        state={state}
        registers={registers}
        draft={draft}
        refused={props.refused}
        row={QuestionRow}
      />
    </div>
  );
});
