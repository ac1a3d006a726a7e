import { useState } from 'react';
import { foldText } from '#core/base/index.ts';
import type { Catalogue, Register } from '#core/register/index.ts';
import { type FieldType, KIND_WORDS } from '#core/values/index.ts';
import { type NewField, readLabels, suggestType } from '#core/workspace/index.ts';
import { Part, PickOne } from '../../ui/part.tsx';

interface Props {
  readonly label: string;
  readonly register: Register;
  readonly catalogue: Catalogue;
  readonly asked: readonly string[];
  readonly onMake: (added: readonly NewField[], asked: readonly string[]) => void;
}

/** Kinds a new question may be made as here; those with more to settle are made in the register. */
const OFFERED: readonly FieldType['kind'][] = [
  'text',
  'long_text',
  'number',
  'money',
  'yes_no',
  'date',
  'time',
  'moment',
  'email',
  'phone',
  'web',
  'address',
  'position',
  'person',
  'files',
];

const typeOf = (kind: FieldType['kind'], { currency }: Catalogue): FieldType => {
  switch (kind) {
    case 'number':
      return { kind, decimals: 0 };
    case 'money':
      return { kind, currency };
    case 'files':
      return { kind, sort: 'any', most: 10 };
    case 'long_text':
    case 'yes_no':
    case 'date':
    case 'time':
    case 'moment':
    case 'email':
    case 'phone':
    case 'web':
    case 'address':
    case 'position':
    case 'person':
      return { kind };
    default:
      return { kind: 'text' };
  }
};

const sayType = (type: FieldType, catalogue: Catalogue): string => {
  if (type.kind === 'link') return `looks up one of ${catalogue.registers.get(type.register)?.plural ?? type.register}`;
  if (type.kind === 'choice') return `choose one from ${catalogue.choiceLists.get(type.list)?.label ?? type.list}`;
  return KIND_WORDS[type.kind];
};

/**
 * Questions by their words: one, or as many as are pasted, a line each. What the register has already is asked; for the
 * rest a kind is suggested, and fields are made of them.
 */
export const NewQuestions = ({ label, register, catalogue, asked, onMake }: Props) => {
  const [text, setText] = useState('');
  const [kinds, setKinds] = useState<Readonly<Record<string, FieldType['kind']>>>({});
  const lines = readLabels(text).map((line) => {
    const field = register.fields.find((each) => foldText(each.label) === foldText(line));
    const chosen = kinds[line];
    return { line, field, type: chosen ? typeOf(chosen, catalogue) : suggestType(line, catalogue) };
  });
  const ready = lines.filter(({ field }) => !field || !asked.includes(field.key));
  const make = (): void => {
    if (ready.length === 0) return;
    onMake(
      ready.flatMap(({ line, field, type }) => (field ? [] : [{ label: line, type }])),
      ready.flatMap(({ field }) => field?.key ?? []),
    );
    setText('');
    setKinds({});
  };
  return (
    <div className="mt-2">
      <textarea
        className="box"
        rows={Math.min(12, Math.max(1, text.split('\n').length))}
        aria-label={label}
        placeholder="Write a question and press Enter, or paste a list of them"
        value={text}
        onChange={(event) => setText(event.target.value)}
        onKeyDown={(event) => {
          if (event.key !== 'Enter' || event.shiftKey) return;
          event.preventDefault();
          make();
        }}
      />
      {lines.length > 0 && (
        <>
          <ul className="py-1 text-ink-2">
            {lines.map(({ line, field, type }) => (
              <li key={line}>
                <span className="font-semibold text-ink">{line}</span>:{' '}
                {field ? (
                  asked.includes(field.key) ? (
                    'is asked already'
                  ) : (
                    `asks ${register.plural}’ ${sayType(field.type, catalogue)}`
                  )
                ) : (
                  <Part text={sayType(type, catalogue)} what={`kind of ${line}`}>
                    {(close) => (
                      <PickOne
                        options={OFFERED.map((kind) => ({ value: kind, label: KIND_WORDS[kind] }))}
                        chosen={type.kind}
                        onPick={(kind) => {
                          setKinds({ ...kinds, [line]: kind });
                          close();
                        }}
                      />
                    )}
                  </Part>
                )}
              </li>
            ))}
          </ul>
          <button type="button" className="btn" disabled={ready.length === 0} onClick={make}>
            {ready.length === 1 ? 'Add this question' : `Add ${ready.length} questions`}
          </button>
        </>
      )}
    </div>
  );
};
