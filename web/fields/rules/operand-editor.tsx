import { useState } from 'react';
import { fieldsLike, type Operand, readOperand, type SayContext, sayOperand } from '#core/expression/index.ts';
import type { ValueType } from '#core/values/index.ts';

interface Props {
  readonly type: ValueType;
  readonly value: Operand | null;
  readonly context: SayContext;
  readonly onChange: (operand: Operand) => void;
}

const WANTED: { readonly [K in ValueType['kind']]: string } = {
  number: 'Write a number.',
  text: 'Write a text.',
  boolean: 'Write yes or no.',
  date: 'Write a day such as 23 Nov 2026, “today”, or “30 days ago”.',
  moment: 'Write a day such as 23 Nov 2026, “now”, or “2 days ago”.',
  choice: 'Write one of the choices.',
  link: 'Choose another field.',
  time: 'Write a time of day such as 10:40.',
  span: '1 Nov to 5 Nov, or today',
  days: 'Write hours and minutes such as 7:30, 7.5 h or 45 min.',
  choices: 'Write one of the choices.',
  links: 'Choose another field.',
  texts: 'Write a text.',
  rows: 'Choose another field.',
};

/** What is to be written, where what was cannot be read; of a share that it is one. */
const wantedOf = (type: ValueType): string =>
  type.kind === 'number' && type.share ? 'Write a percentage such as 20 %.' : WANTED[type.kind];

/** The editor of one value in a sentence: a value in words, now or today, or another field of the same kind. */
export const OperandEditor = ({ type, value, context, onChange }: Props) => {
  const shown = value === null ? '' : value.kind === 'text' ? value.text : sayOperand(value, type, context);
  const [text, setText] = useState(shown);
  const [wrong, setWrong] = useState('');
  const commit = (typed: string): void => {
    const operand = readOperand(typed, type, context);
    setWrong(operand ? '' : wantedOf(type));
    if (operand) onChange(operand);
  };
  const moving: readonly Operand[] =
    type.kind === 'date' ? [{ kind: 'today' }] : type.kind === 'moment' ? [{ kind: 'now' }] : [];
  return (
    <div className="flex flex-col gap-2">
      <form
        onSubmit={(event) => {
          event.preventDefault();
          event.stopPropagation();
          commit(text);
        }}
        className="flex gap-2"
      >
        <input
          className="box"
          aria-label="Value"
          value={text}
          onChange={(event) => setText(event.target.value)}
          onFocus={(event) => event.target.select()}
          aria-invalid={wrong !== ''}
        />
        <button type="submit" className="btn">
          Set
        </button>
      </form>
      {wrong !== '' && (
        <p className="wrong" role="alert">
          {wrong}
        </p>
      )}
      {[...moving, ...fieldsLike(type, context)].map((operand) => {
        const label = sayOperand(operand, type, context);
        return (
          <button key={label} type="button" className="slip-row" onClick={() => onChange(operand)}>
            {label}
          </button>
        );
      })}
    </div>
  );
};
