import { useState } from 'react';
import { type Operand, type SayContext, sayOperand } from '#core/expression/index.ts';
import { behaviourOf, type ValueType } from '#core/values/index.ts';

interface Props {
  readonly type: ValueType;
  readonly value: Operand | null;
  readonly context: SayContext;
  readonly onChange: (operand: Operand) => void;
}

const toOperand = (type: ValueType, text: string, context: SayContext): Operand | string => {
  switch (type.kind) {
    case 'number': {
      const read = behaviourOf({ kind: 'number', decimals: 6 }).parse(text, context.values);
      if (!read.ok) return read.problems[0]?.detail ?? '';
      return typeof read.value === 'string' ? { kind: 'number', text: read.value } : 'Write a number.';
    }
    case 'date':
      return text === '' ? 'Choose a day.' : { kind: 'date', date: text };
    case 'moment': {
      const read = behaviourOf({ kind: 'moment' }).parse(text, context.values);
      return read.ok && typeof read.value === 'string'
        ? { kind: 'moment', moment: read.value }
        : 'Choose a date and a time.';
    }
    case 'text':
    case 'choice':
    case 'link':
      return { kind: 'text', text };
    case 'boolean':
      return { kind: 'boolean', value: text === 'yes' };
  }
};

const INPUTS = { number: 'text', text: 'text', date: 'date', moment: 'datetime-local' } as const;

/** The editor of one value in a sentence: what fits the field it is compared with. */
export const OperandEditor = ({ type, value, context, onChange }: Props) => {
  const shown =
    value && (value.kind === 'number' || value.kind === 'text' || value.kind === 'date')
      ? 'text' in value
        ? value.text
        : value.date
      : '';
  const [text, setText] = useState(shown);
  const [wrong, setWrong] = useState('');
  const commit = (typed: string): void => {
    const operand = toOperand(type, typed, context);
    if (typeof operand === 'string') setWrong(operand);
    else {
      setWrong('');
      onChange(operand);
    }
  };
  if (type.kind === 'boolean' || type.kind === 'choice' || type.kind === 'link') return null;
  const moving: readonly Operand[] =
    type.kind === 'date' ? [{ kind: 'today' }] : type.kind === 'moment' ? [{ kind: 'now' }] : [];
  return (
    <div className="flex flex-col gap-2">
      {moving.map((operand) => (
        <button key={operand.kind} type="button" className="slip-row" onClick={() => onChange(operand)}>
          {sayOperand(operand, type, context)}
        </button>
      ))}
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
          type={INPUTS[type.kind]}
          value={text}
          onChange={(event) => setText(event.target.value)}
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
    </div>
  );
};
