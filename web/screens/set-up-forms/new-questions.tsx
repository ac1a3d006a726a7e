import { useState } from 'react';
import { foldText } from '#core/base/index.ts';
import { type Catalogue, type ChoiceList, type Register, sayKind } from '#core/register/index.ts';
import { type NewField, readLabels, suggestType } from '#core/workspace/index.ts';
import type { NewKind } from '../../fields/controls/face.ts';
import { Part } from '../../ui/part.tsx';
import { KindPicker } from './kind-picker.tsx';

interface Props {
  readonly label: string;
  readonly register: Register;
  readonly catalogue: Catalogue;
  readonly asked: readonly string[];
  readonly onMake: (added: readonly NewField[], asked: readonly string[], lists: readonly ChoiceList[]) => void;
}

/**
 * Questions by their words: one, or as many as are pasted, a line each. What the register has already is asked; for the
 * rest a kind is suggested, and fields are made of them.
 */
export const NewQuestions = ({ label, register, catalogue, asked, onMake }: Props) => {
  const [text, setText] = useState('');
  const [kinds, setKinds] = useState<Readonly<Record<string, NewKind>>>({});
  const lines = readLabels(text).map((line) => {
    const field = register.fields.find((each) => foldText(each.label) === foldText(line));
    return { line, field, kind: kinds[line] ?? { type: suggestType(line, catalogue), list: null } };
  });
  const ready = lines.filter(({ field }) => !field || !asked.includes(field.key));
  const make = (): void => {
    if (ready.length === 0) return;
    onMake(
      ready.flatMap(({ line, field, kind }) => (field ? [] : [{ label: line, type: kind.type }])),
      ready.flatMap(({ field }) => field?.key ?? []),
      ready.flatMap(({ field, kind }) => (field || !kind.list ? [] : [kind.list])),
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
            {lines.map(({ line, field, kind }) => (
              <li key={line}>
                <span className="font-semibold text-ink">{line}</span>:{' '}
                {field ? (
                  asked.includes(field.key) ? (
                    'is asked already'
                  ) : (
                    `asks ${register.plural}’ ${sayKind(field.type, catalogue)}`
                  )
                ) : (
                  <Part text={sayKind(kind.type, catalogue, kind.list ? [kind.list] : [])} what={`kind of ${line}`}>
                    {(close) => (
                      <KindPicker
                        label={line}
                        chosen={kind.type.kind}
                        catalogue={catalogue}
                        lists={lines.flatMap((other) => other.kind.list ?? [])}
                        onPick={(next) => {
                          setKinds({ ...kinds, [line]: next });
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
