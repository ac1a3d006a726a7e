import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/react';
import {
  ArrowDown,
  ArrowUp,
  Copy,
  FileSymlink,
  GripVertical,
  IndentDecrease,
  IndentIncrease,
  Pencil,
  Trash2,
} from 'lucide-react';
import { type KeyboardEvent, useRef, useState } from 'react';
import type { Problem } from '#core/base/index.ts';
import type { SayContext } from '#core/expression/index.ts';
import {
  dropQuestion,
  type Form,
  indentQuestion,
  moveQuestion,
  moveToPage,
  outdentQuestion,
  pageOf,
  type Question,
  type Rule,
} from '#core/form/index.ts';
import { type Catalogue, type Field, sayKind } from '#core/register/index.ts';
import { IconButton } from '../../ui/icon-button.tsx';
import { PickOne } from '../../ui/part.tsx';
import { Wrong } from '../../ui/wrong.tsx';
import { ColumnRules } from './column-rules.tsx';
import { AddRule, RuleSentence } from './rule-sentence.tsx';

interface QuestionProps {
  readonly form: Form;
  readonly at: number;
  readonly question: Question;
  readonly field: Field;
  readonly context: SayContext;
  readonly catalogue: Catalogue;
  readonly problems: readonly Problem[];
  readonly onKeyDown: (event: KeyboardEvent) => void;
  /** The form with the question elsewhere, or without it. */
  readonly onMove: (form: Form) => void;
  /** The question changed where it stands; whoever types in it goes on typing. */
  readonly onQuestion: (question: Question) => void;
  readonly onCopy: () => void;
}

/** A question in the outline: its words, its kind, its rules as sentences, and what is done to it. */
export const OneQuestion = ({
  form,
  at,
  question,
  field,
  context,
  catalogue,
  problems,
  onKeyDown,
  onMove,
  onQuestion,
  onCopy,
}: QuestionProps) => {
  const { setNodeRef, setActivatorNodeRef, listeners, transform, transition, isDragging } = useSortable({
    id: question.field,
  });
  const [wording, setWording] = useState(false);
  const [adding, setAdding] = useState(false);
  const opener = useRef<HTMLButtonElement>(null);
  const handle = useRef<HTMLButtonElement>(null);
  const focusHandle = (): void => void requestAnimationFrame(() => handle.current?.focus());
  const endWording = (): void => {
    setWording(false);
    focusHandle();
  };
  const putAndReturn = (next: Question): void => {
    onQuestion(next);
    focusHandle();
  };
  const label = question.label ?? field.label;
  const isIn = question.section !== undefined;
  return (
    <div
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      data-outline={question.field}
      className={`outline-line ruled relative grid grid-cols-[1.75rem_1fr] py-2 ${isDragging ? 'z-10 bg-iolite-wash' : ''}`}
    >
      <span
        ref={setActivatorNodeRef}
        {...listeners}
        data-grip
        className="cursor-grab touch-none pt-1 text-xs text-ink-2"
        title={`Drag ${label}`}
      >
        {at + 1}
        <GripVertical size={13} aria-hidden="true" className="line-tool absolute top-7 left-0 text-ink-3" />
      </span>
      <div>
        <p>
          {wording ? (
            <LabelBox
              label={label}
              onLabel={(text) => {
                const { label: _, ...plain } = question;
                onQuestion(text === field.label || text === '' ? plain : { ...question, label: text });
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
            {sayKind(field.type, catalogue)}
            {question.help && `, with help “${question.help}”`}
          </span>
        </p>
        <Rules
          question={question}
          field={field}
          catalogue={catalogue}
          form={form}
          context={context}
          problems={problems}
          onChange={(rules) => {
            const next = { ...question, rules: [...rules] };
            // A rule changed in its place keeps the focus there; one that came or went leaves it to the question.
            if (rules.length === question.rules.length) onQuestion(next);
            else putAndReturn(next);
          }}
        />
        {adding && (
          <div className="pt-0.5 pl-4">
            <AddRule
              question={question}
              catalogue={catalogue}
              form={form}
              context={context}
              onAdd={(rule) => {
                setAdding(false);
                putAndReturn({ ...question, rules: [...question.rules, rule] });
              }}
              onClose={(returns) => {
                setAdding(false);
                // The focus goes back to where the next rule is added.
                if (returns) requestAnimationFrame(() => opener.current?.focus());
              }}
            />
          </div>
        )}
        <ColumnRules
          question={question}
          field={field}
          context={context}
          catalogue={catalogue}
          problems={problems}
          onQuestion={(next) => {
            // What is changed in its place keeps the focus there.
            if (sayShape(next) === sayShape(question)) onQuestion(next);
            else putAndReturn(next);
          }}
        />
      </div>
      <span className="line-tool absolute top-1.5 right-0 flex items-center bg-paper pl-3">
        <button
          ref={opener}
          type="button"
          className="quiet-link mr-1 whitespace-nowrap"
          aria-label={`Add a rule to ${label}`}
          onClick={() => setAdding(true)}
        >
          add a rule
        </button>
        <Wording question={question} field={field} onQuestion={onQuestion} />
        <IconButton
          label={`Move ${field.label} up`}
          disabled={at === 0 && pageOf(form, question.page) === 0}
          onClick={() => onMove(moveQuestion(form, at, -1))}
          icon={ArrowUp}
        />
        <IconButton
          label={`Move ${field.label} down`}
          disabled={
            at === form.questions.length - 1 && pageOf(form, question.page) >= Math.max(0, form.pages.length - 1)
          }
          onClick={() => onMove(moveQuestion(form, at, 1))}
          icon={ArrowDown}
        />
        <IconButton
          label={isIn ? `Take ${field.label} out of its section` : `Put ${field.label} in a section`}
          onClick={() => onMove(isIn ? outdentQuestion(form, at) : indentQuestion(form, at, 'New section'))}
          icon={isIn ? IndentDecrease : IndentIncrease}
        />
        {form.pages.length > 1 && <ToPage form={form} at={at} label={field.label} onMove={onMove} />}
        <IconButton label={`Copy ${field.label}`} onClick={onCopy} icon={Copy} />
        <IconButton
          label={`Drop ${field.label}`}
          disabled={form.questions.length === 1}
          onClick={() => onMove(dropQuestion(form, at))}
          icon={Trash2}
        />
      </span>
    </div>
  );
};

/** Moves a question to the end of a page that is picked. */
const ToPage = ({ form, at, label, onMove }: { label: string } & Pick<QuestionProps, 'form' | 'at' | 'onMove'>) => (
  <Popover>
    <PopoverButton as={IconButton} label={`Move ${label} to page …`} icon={FileSymlink} />
    <PopoverPanel anchor={{ to: 'bottom end', gap: 4, padding: 8 }} focus className="slip w-64">
      <p className="px-2 pt-1 text-xs text-ink-2">Move {label} to page …</p>
      <PickOne
        options={form.pages.map((page, i) => ({ value: String(i), label: `${i + 1}. ${page.label}` }))}
        chosen={String(pageOf(form, form.questions[at]?.page))}
        onPick={(page) => onMove(moveToPage(form, at, Number(page)))}
      />
    </PopoverPanel>
  </Popover>
);

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
  <Popover>
    <PopoverButton as={IconButton} label={`its words, change the words of ${field.label}`} icon={Pencil} />
    <PopoverPanel anchor={{ to: 'bottom end', gap: 4, padding: 8 }} focus className="slip w-64">
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
    </PopoverPanel>
  </Popover>
);

/** How many rules the columns of a question have. */
const sayShape = ({ columns = [] }: Question): string =>
  columns.map(({ field, rules }) => `${field} ${rules.length}`).join();

interface RulesProps {
  readonly question: Question;
  readonly field: Field;
  readonly catalogue: Catalogue;
  readonly form: Form;
  readonly context: SayContext;
  readonly problems: readonly Problem[];
  readonly onChange: (rules: readonly Rule[]) => void;
}

const Rules = ({ question, field, catalogue, form, context, problems, onChange }: RulesProps) => (
  <ul>
    {question.rules.map((rule, i) => {
      const wrong = problems.filter((each) => each.path[2] === 'rules' && each.path[3] === i);
      return (
        // A rule has no identity of its own; it is known by its place.
        // biome-ignore lint/suspicious/noArrayIndexKey: see above
        <li key={i} className="outline-rule flex items-baseline gap-2 pt-0.5 text-ink-2">
          <span aria-hidden="true" className="text-ink-3">
            └
          </span>
          <span className="grow">
            <RuleSentence
              rule={rule}
              field={field}
              catalogue={catalogue}
              question={question}
              form={form}
              context={context}
              onChange={(next) => onChange(question.rules.with(i, next))}
            />
            <Wrong problems={wrong} />
          </span>
          <span className="rule-tool">
            <IconButton
              label={`Take rule ${i + 1} away`}
              onClick={() => onChange(question.rules.toSpliced(i, 1))}
              icon={Trash2}
            />
          </span>
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
  </ul>
);
