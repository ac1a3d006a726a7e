import {
  type CollisionDetection,
  closestCenter,
  DndContext,
  type DragEndEvent,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { SortableContext, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { Fragment, type KeyboardEvent, useMemo, useRef, useState } from 'react';
import type { Problem } from '#core/base/index.ts';
import type { SayContext } from '#core/expression/index.ts';
import {
  addPage,
  askFields,
  compileForm,
  dropQuestion,
  type Form,
  formVocabulary,
  indentQuestion,
  moveQuestion,
  outdentQuestion,
  pageOf,
  passesOn,
  placeQuestion,
  putSection,
  type Rule,
} from '#core/form/index.ts';
import { type Catalogue, type ChoiceList, type Field, type Register, valueContext } from '#core/register/index.ts';
import { type Copied, copyIn, type NewField, withFields } from '#core/workspace/index.ts';
import { useHideThere } from '../../data/hide-there.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { PassedOnNotes } from '../../fields/set-up/passed-on.tsx';
import { Part, PickOne } from '../../ui/part.tsx';
import { Endings } from './endings.tsx';
import { NewQuestions } from './new-questions.tsx';
import { OneQuestion } from './one-question.tsx';
import { PageHead } from './page-head.tsx';
import { SectionHead } from './section-head.tsx';

/** Fields and choice lists to be made, and the form that asks them. */
export interface Made {
  readonly register: Register;
  readonly form: Form;
  readonly lists: readonly ChoiceList[];
}

interface Props {
  readonly form: Form;
  readonly register: Register;
  readonly catalogue: Catalogue;
  readonly problems: readonly Problem[];
  readonly onChange: (form: Form) => void;
  /** Makes fields of the register first, then changes the form. */
  readonly onMake: (made: Made) => void;
}

/**
 * A question is dropped on the line the pointer is on, or is nearest to: lines are of different heights, so that the middle
 * of the one that is dragged may lie over another.
 */
const nearestToPointer: CollisionDetection = (dragged) => {
  const { pointerCoordinates: at, droppableContainers, droppableRects } = dragged;
  if (!at) return closestCenter(dragged);
  const away = droppableContainers.flatMap(({ id }) => {
    const rect = droppableRects.get(id);
    return rect ? [{ id, away: Math.max(rect.top - at.y, at.y - rect.bottom, 0) }] : [];
  });
  return away.toSorted((a, b) => a.away - b.away).map(({ id }) => ({ id }));
};

/** The form as text: pages, sections, and each question with its rules as sentences, in order; all of it by keyboard. */
export const Outline = ({ form, register, catalogue, problems, onChange, onMake }: Props) => {
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }));
  const place = useRef<HTMLDivElement>(null);
  const [note, setNote] = useState('');
  const { workspace } = useWorkspace();
  const hideThere = useHideThere(register.key);
  const passed = useMemo(() => {
    const compiled = compileForm(form, catalogue);
    return compiled.ok ? passesOn(compiled.value, catalogue, workspace.roles, form.fill_in_by) : [];
  }, [form, catalogue, workspace.roles]);
  const context: SayContext = {
    vocabulary: formVocabulary(form, register, catalogue),
    values: valueContext(catalogue),
  };
  const focus = (field: string): void => {
    requestAnimationFrame(() =>
      place.current?.querySelector<HTMLElement>(`[data-outline="${field}"] [data-handle]`)?.focus(),
    );
  };
  /** Moves a question, or takes it away; the focus goes along with it. */
  const change = (at: number, next: Form): void => {
    const field = form.questions[at]?.field;
    if (next === form) return;
    onChange(next);
    if (field) focus(field);
  };
  const onKeyDown = (event: KeyboardEvent, at: number) => {
    const next = keyed(form, at, event);
    if (next === null) return;
    event.preventDefault();
    // Where a key does nothing, it is said why.
    setNote(next === form ? sayNothing(event) : '');
    if (next === form) return;
    // A question that is gone leaves the focus to its neighbour.
    const heir = next.questions.some((each) => each.field === form.questions[at]?.field) ? at : at > 0 ? at - 1 : 1;
    onChange(next);
    const field = form.questions[heir]?.field;
    if (field) focus(field);
  };
  const onDragEnd = ({ active, over }: DragEndEvent): void => {
    const at = (id: string | number | undefined) => form.questions.findIndex(({ field }) => field === id);
    if (over) change(at(active.id), placeQuestion(form, at(active.id), at(over.id)));
  };
  const copy = (copied: Copied): void => onMake({ ...copyIn(form, register, catalogue, copied), lists: [] });
  const make = (
    added: readonly NewField[],
    asked: readonly string[],
    lists: readonly ChoiceList[],
    page: number,
  ): void => {
    const made = withFields(register, added);
    onMake({ register: made.register, form: askFields(form, [...asked, ...made.keys], page), lists });
  };
  const dropped = register.fields.filter((field) => !form.questions.some((question) => question.field === field.key));
  const pages = form.pages.length === 0 ? [0] : form.pages.map((_, at) => at);
  return (
    <div ref={place}>
      <p className="text-[13px] text-ink-2">
        On a question: Enter changes its words; Alt with an arrow moves it, up and down or into and out of a section;
        Delete drops it; Ctrl+Z takes back what was done. By mouse, drag it by its grip.
      </p>
      <p role="status" className="min-h-5 text-[13px] text-haze">
        {note}
      </p>
      {form.pages.length === 0 && <h2 className="head-rule">Questions</h2>}
      <DndContext sensors={sensors} collisionDetection={nearestToPointer} onDragEnd={onDragEnd}>
        <SortableContext items={form.questions.map(({ field }) => field)} strategy={verticalListSortingStrategy}>
          {pages.map((page) => (
            <Fragment key={form.pages[page]?.key ?? ''}>
              <PageHead
                form={form}
                at={page}
                context={context}
                problems={problems}
                onChange={onChange}
                onCopy={(key) => copy({ kind: 'page', key })}
              />
              <ol>
                {form.questions.map((question, at) => {
                  const field = register.fields.find((each) => each.key === question.field);
                  if (!field || pageOf(form, question.page) !== page) return null;
                  const before = form.questions[at - 1];
                  const begins = question.section !== undefined && before?.section !== question.section;
                  const sectionAt = form.sections.findIndex((each) => each.key === question.section);
                  const section = form.sections[sectionAt];
                  return (
                    <li key={question.field} className={question.section === undefined ? '' : 'pl-4'}>
                      {begins && section && (
                        <SectionHead
                          section={section}
                          context={context}
                          problems={problems.filter(({ path }) => path[0] === 'sections' && path[1] === sectionAt)}
                          onSection={(next) => onChange(putSection(form, next))}
                          onCopy={() => copy({ kind: 'section', key: section.key })}
                        />
                      )}
                      <OneQuestion
                        form={form}
                        at={at}
                        question={question}
                        field={field}
                        context={context}
                        catalogue={catalogue}
                        problems={problems.filter((each) => each.path[0] === 'questions' && each.path[1] === at)}
                        onKeyDown={(event) => onKeyDown(event, at)}
                        onMove={(next) => change(at, next)}
                        onQuestion={(next) => onChange({ ...form, questions: form.questions.with(at, next) })}
                        onCopy={() => copy({ kind: 'question', field: question.field })}
                      />
                      <PassedOnNotes
                        passed={passed.filter(({ by }) => by === question.field)}
                        register={register}
                        onNotKept={(into) => onChange(withRule(form, into, { kind: 'not_kept' }))}
                        onHide={hideThere}
                      />
                    </li>
                  );
                })}
              </ol>
              {dropped.length > 0 && (
                <AskMore
                  label={form.pages.length > 1 ? `Ask more on page ${page + 1}` : 'Ask more'}
                  fields={dropped}
                  onAsk={(fields) => onChange(askFields(form, fields, page))}
                />
              )}
              <NewQuestions
                label={form.pages.length > 1 ? `New questions on page ${page + 1}` : 'New questions'}
                register={register}
                catalogue={catalogue}
                asked={form.questions.map(({ field }) => field)}
                onMake={(added, asked, lists) => make(added, asked, lists, page)}
              />
            </Fragment>
          ))}
        </SortableContext>
      </DndContext>
      <p className="mt-4">
        <button type="button" className="part" onClick={() => onChange(addPage(form))}>
          {form.pages.length === 0 ? 'make pages of it' : 'add a page'}
        </button>
      </p>
      <Endings form={form} context={context} problems={problems} onChange={onChange} />
    </div>
  );
};

/** The form with a rule more at one of its questions. */
const withRule = (form: Form, field: string, rule: Rule): Form => ({
  ...form,
  questions: form.questions.map((each) => (each.field === field ? { ...each, rules: [...each.rules, rule] } : each)),
});

/** What a key does to the question that has the focus; null where it does nothing. */
const keyed = (form: Form, at: number, event: KeyboardEvent): Form | null => {
  if (event.key === 'Delete' || event.key === 'Backspace') return dropQuestion(form, at);
  if (!event.altKey) return null;
  switch (event.key) {
    case 'ArrowUp':
      return moveQuestion(form, at, -1);
    case 'ArrowDown':
      return moveQuestion(form, at, 1);
    case 'ArrowRight':
      return indentQuestion(form, at, 'New section');
    case 'ArrowLeft':
      return outdentQuestion(form, at);
    default:
      return null;
  }
};

/** Why a key that is for questions does nothing to this one. */
const sayNothing = ({ key }: KeyboardEvent): string => {
  switch (key) {
    case 'ArrowUp':
      return 'It is the first already.';
    case 'ArrowDown':
      return 'It is the last already.';
    case 'ArrowRight':
      return 'It is in a section already.';
    case 'ArrowLeft':
      return 'It is in no section.';
    default:
      return 'A form needs at least one question.';
  }
};

interface AskProps {
  readonly label: string;
  readonly fields: readonly Field[];
  readonly onAsk: (fields: readonly string[]) => void;
}

/** The register's fields that are not asked yet, one of them or all. */
const AskMore = ({ label, fields, onAsk }: AskProps) => (
  <p className="mt-2 text-ink-2">
    <Part text={label} what="questions">
      {(close) => (
        <PickOne
          options={[
            { value: '', label: 'all of them' },
            ...fields.map((field) => ({ value: field.key, label: field.label })),
          ]}
          chosen={null}
          onPick={(key) => {
            onAsk(key === '' ? fields.map((field) => field.key) : [key]);
            close();
          }}
        />
      )}
    </Part>{' '}
    Not asked: {fields.map((field) => field.label).join(', ')}.
  </p>
);
