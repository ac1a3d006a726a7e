import { closestCenter, DndContext, type DragEndEvent, PointerSensor, useSensor, useSensors } from '@dnd-kit/core';
import { SortableContext, useSortable, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { ArrowDown, ArrowUp, Copy, GripVertical, IndentDecrease, IndentIncrease, Trash2 } from 'lucide-react';
import { Fragment, type KeyboardEvent, useRef, useState } from 'react';
import type { Problem } from '#core/base/index.ts';
import type { SayContext } from '#core/expression/index.ts';
import {
  addPage,
  askFields,
  dropQuestion,
  type Form,
  formVocabulary,
  indentQuestion,
  moveQuestion,
  outdentQuestion,
  pageOf,
  placeQuestion,
  putSection,
  type Question,
  type Rule,
} from '#core/form/index.ts';
import { type Catalogue, type Field, type Register, valueContext } from '#core/register/index.ts';
import { KIND_WORDS } from '#core/values/index.ts';
import { type Copied, copyIn, type NewField, withFields } from '#core/workspace/index.ts';
import { IconButton } from '../../ui/icon-button.tsx';
import { Part, PickOne } from '../../ui/part.tsx';
import { Wrong } from '../../ui/wrong.tsx';
import { ColumnRules } from './column-rules.tsx';
import { Endings } from './endings.tsx';
import { NewQuestions } from './new-questions.tsx';
import { PageHead } from './page-head.tsx';
import { AddRule, RuleSentence } from './rule-sentence.tsx';
import { SectionHead } from './section-head.tsx';

interface Props {
  readonly form: Form;
  readonly register: Register;
  readonly catalogue: Catalogue;
  readonly problems: readonly Problem[];
  readonly onChange: (form: Form) => void;
  /** Makes fields of the register first, then changes the form. */
  readonly onMake: (made: { readonly register: Register; readonly form: Form }) => void;
}

/** The form as text: pages, sections, and each question with its rules as sentences, in order; all of it by keyboard. */
export const Outline = ({ form, register, catalogue, problems, onChange, onMake }: Props) => {
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }));
  const place = useRef<HTMLDivElement>(null);
  const context: SayContext = {
    vocabulary: formVocabulary(form, register, catalogue),
    values: valueContext(catalogue),
  };
  const focus = (field: string): void => {
    requestAnimationFrame(() =>
      place.current?.querySelector<HTMLElement>(`[data-outline="${field}"] [data-handle]`)?.focus(),
    );
  };
  /** Does something to a question; the focus goes along with it. */
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
  const copy = (copied: Copied): void => onMake(copyIn(form, register, catalogue, copied));
  const make = (added: readonly NewField[], asked: readonly string[], page: number): void => {
    const made = withFields(register, added);
    onMake({ register: made.register, form: askFields(form, [...asked, ...made.keys], page) });
  };
  const dropped = register.fields.filter((field) => !form.questions.some((question) => question.field === field.key));
  const pages = form.pages.length === 0 ? [0] : form.pages.map((_, at) => at);
  return (
    <div ref={place}>
      <p className="text-[13px] text-ink-2">
        On a question: Enter changes its words; Alt with an arrow moves it, up and down or into and out of a section;
        Delete drops it. By mouse, drag it by its grip.
      </p>
      {form.pages.length === 0 && <h2 className="head-rule">Questions</h2>}
      <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={onDragEnd}>
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
                        onForm={(next) => change(at, next)}
                        onCopy={() => copy({ kind: 'question', field: question.field })}
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
                onMake={(added, asked) => make(added, asked, page)}
              />
            </Fragment>
          ))}
        </SortableContext>
      </DndContext>
      <p className="mt-4">
        <button type="button" className="part" onClick={() => onChange(addPage(form, `Page ${form.pages.length + 1}`))}>
          {form.pages.length === 0 ? 'make pages of it' : 'add a page'}
        </button>
      </p>
      <Endings form={form} context={context} problems={problems} onChange={onChange} />
    </div>
  );
};

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

interface QuestionProps {
  readonly form: Form;
  readonly at: number;
  readonly question: Question;
  readonly field: Field;
  readonly context: SayContext;
  readonly catalogue: Catalogue;
  readonly problems: readonly Problem[];
  readonly onKeyDown: (event: KeyboardEvent) => void;
  readonly onForm: (form: Form) => void;
  readonly onCopy: () => void;
}

const OneQuestion = ({
  form,
  at,
  question,
  field,
  context,
  catalogue,
  problems,
  onKeyDown,
  onForm,
  onCopy,
}: QuestionProps) => {
  const { setNodeRef, setActivatorNodeRef, listeners, transform, transition, isDragging } = useSortable({
    id: question.field,
  });
  const [wording, setWording] = useState(false);
  const handle = useRef<HTMLButtonElement>(null);
  const endWording = (): void => {
    setWording(false);
    requestAnimationFrame(() => handle.current?.focus());
  };
  const label = question.label ?? field.label;
  const put = (next: Question): void => onForm({ ...form, questions: form.questions.with(at, next) });
  const isIn = question.section !== undefined;
  return (
    <div
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      data-outline={question.field}
      className={`ruled grid grid-cols-[1.75rem_1fr_auto] py-2 ${isDragging ? 'relative z-10 bg-iolite-wash' : ''}`}
    >
      <span
        ref={setActivatorNodeRef}
        {...listeners}
        data-grip
        className="cursor-grab touch-none pt-1 text-xs text-ink-2"
        title={`Drag ${label}`}
      >
        {at + 1}
        <GripVertical size={13} aria-hidden="true" className="-ml-1 mt-0.5 text-ink-3" />
      </span>
      <div>
        <p>
          {wording ? (
            <LabelBox
              label={label}
              onLabel={(text) => {
                const { label: _, ...plain } = question;
                put(text === field.label || text === '' ? plain : { ...question, label: text });
                endWording();
              }}
              onCancel={endWording}
            />
          ) : (
            <button
              ref={handle}
              type="button"
              data-handle
              className="mr-2 font-semibold"
              aria-label={`${label}, question ${at + 1}; Enter changes its words, Alt with an arrow moves it`}
              onKeyDown={onKeyDown}
              onClick={() => setWording(true)}
            >
              {label}
            </button>
          )}
          <span className="text-ink-2">
            {sayKind(field, catalogue)}, <Wording question={question} field={field} onQuestion={put} />
          </span>
        </p>
        <Rules
          question={question}
          form={form}
          context={context}
          problems={problems}
          onChange={(rules) => put({ ...question, rules: [...rules] })}
        />
        <ColumnRules question={question} field={field} context={context} problems={problems} onQuestion={put} />
      </div>
      <span className="flex items-start">
        <IconButton
          label={`Move ${field.label} up`}
          disabled={at === 0 && pageOf(form, question.page) === 0}
          onClick={() => onForm(moveQuestion(form, at, -1))}
          icon={ArrowUp}
        />
        <IconButton
          label={`Move ${field.label} down`}
          disabled={
            at === form.questions.length - 1 && pageOf(form, question.page) >= Math.max(0, form.pages.length - 1)
          }
          onClick={() => onForm(moveQuestion(form, at, 1))}
          icon={ArrowDown}
        />
        <IconButton
          label={isIn ? `Take ${field.label} out of its section` : `Put ${field.label} in a section`}
          onClick={() => onForm(isIn ? outdentQuestion(form, at) : indentQuestion(form, at, 'New section'))}
          icon={isIn ? IndentDecrease : IndentIncrease}
        />
        <IconButton label={`Copy ${field.label}`} onClick={onCopy} icon={Copy} />
        <IconButton
          label={`Drop ${field.label}`}
          disabled={form.questions.length === 1}
          onClick={() => onForm(dropQuestion(form, at))}
          icon={Trash2}
        />
      </span>
    </div>
  );
};

/** A question's words, changed where they stand. */
const LabelBox = ({
  label,
  onLabel,
  onCancel,
}: {
  label: string;
  onLabel: (label: string) => void;
  onCancel: () => void;
}) => {
  const [text, setText] = useState(label);
  return (
    <input
      ref={selectOnArrival}
      className="mr-2 border-b border-edge bg-transparent px-1 font-semibold"
      style={{ width: `${Math.min(50, Math.max(10, text.length + 2))}ch` }}
      aria-label={`Words of ${label}`}
      value={text}
      maxLength={80}
      onChange={(event) => setText(event.target.value)}
      onBlur={() => onLabel(text.trim())}
      onKeyDown={(event) => {
        if (event.key === 'Enter') onLabel(text.trim());
        if (event.key === 'Escape') onCancel();
      }}
    />
  );
};

const selectOnArrival = (box: HTMLInputElement | null): void => box?.select();

/** How this form words the question: its label here, and a word of help. */
const Wording = ({
  question,
  field,
  onQuestion,
}: {
  question: Question;
  field: Field;
  onQuestion: (question: Question) => void;
}) => (
  <Part text={question.help ? `with help “${question.help}”` : 'its words'} what={`words of ${field.label}`}>
    {() => (
      <span className="grid gap-2 p-2">
        <label className="grid gap-1 font-semibold">
          Asked as
          <input
            className="box font-normal"
            value={question.label ?? field.label}
            maxLength={80}
            onChange={(event) => {
              const { label: _, ...plain } = question;
              const label = event.target.value;
              onQuestion(label === field.label || label === '' ? plain : { ...question, label });
            }}
          />
        </label>
        <label className="grid gap-1 font-semibold">
          Help
          <input
            className="box font-normal"
            value={question.help ?? ''}
            maxLength={500}
            onChange={(event) => {
              const { help: _, ...plain } = question;
              onQuestion(event.target.value === '' ? plain : { ...question, help: event.target.value });
            }}
          />
        </label>
      </span>
    )}
  </Part>
);

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

const sayKind = (field: Field, catalogue: Catalogue): string => {
  switch (field.type.kind) {
    case 'link':
      return `looks up one of ${catalogue.registers.get(field.type.register)?.plural ?? field.type.register}`;
    case 'choice':
      return `choose one from ${catalogue.choiceLists.get(field.type.list)?.label ?? field.type.list}`;
    default:
      return KIND_WORDS[field.type.kind];
  }
};

interface RulesProps {
  readonly question: Question;
  readonly form: Form;
  readonly context: SayContext;
  readonly problems: readonly Problem[];
  readonly onChange: (rules: readonly Rule[]) => void;
}

const Rules = ({ question, form, context, problems, onChange }: RulesProps) => (
  <ul>
    {question.rules.map((rule, i) => {
      const wrong = problems.filter((each) => each.path[2] === 'rules' && each.path[3] === i);
      return (
        // A rule has no identity of its own; it is known by its place.
        // biome-ignore lint/suspicious/noArrayIndexKey: see above
        <li key={i} className="flex items-baseline gap-2 pt-0.5 text-ink-2">
          <span aria-hidden="true" className="text-ink-3">
            └
          </span>
          <span className="grow">
            <RuleSentence
              rule={rule}
              question={question}
              form={form}
              context={context}
              onChange={(next) => onChange(question.rules.with(i, next))}
            />
            <Wrong problems={wrong} />
          </span>
          <IconButton
            label={`Take rule ${i + 1} away`}
            onClick={() => onChange(question.rules.toSpliced(i, 1))}
            icon={Trash2}
          />
        </li>
      );
    })}
    {problems
      .filter((each) => each.path[2] !== 'rules' && each.path[2] !== 'columns')
      .map((each) => (
        <li key={each.detail} className="wrong" role="alert">
          {each.detail}
        </li>
      ))}
    <li className="pl-4 pt-0.5">
      <AddRule
        question={question}
        form={form}
        context={context}
        onAdd={(rule) => onChange([...question.rules, rule])}
      />
    </li>
  </ul>
);
