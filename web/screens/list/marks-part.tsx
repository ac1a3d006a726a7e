import { X } from 'lucide-react';
import { useState } from 'react';
import type { SayContext } from '#core/expression/index.ts';
import { COLOUR_NAMES, MARK_COLOURS, type MarkColour, type MarkRule, readMarks, writeMarks } from '#core/list/index.ts';
import { ConditionEditor } from '../../fields/rules/condition-editor.tsx';
import { IconButton } from '../../ui/icon-button.tsx';
import { Part, PickOne } from '../../ui/part.tsx';

/** The signs of the colours: no mark is told by its colour alone. */
const SIGNS: { readonly [C in MarkColour]: string } = { brick: '◆', straw: '▲', kelp: '●', haze: '■', iolite: '✚' };

const INKS: { readonly [C in MarkColour]: string } = {
  brick: 'text-brick',
  straw: 'text-straw',
  kelp: 'text-kelp',
  haze: 'text-haze',
  iolite: 'text-iolite-deep',
};

/** The rules of a list, as far as they can be read. */
export const rulesOf = (text: string): readonly MarkRule[] => {
  const read = readMarks(text);
  return read.ok ? read.value : [];
};

/** The sign of a mark, with what it means for those who do not see it. */
export const MarkSign = ({ rules, mark }: { rules: readonly MarkRule[]; mark: number | null }) => {
  const rule = mark === null ? undefined : rules[mark];
  if (!rule) return null;
  return (
    <span className={`ml-1.5 ${INKS[rule.colour]}`} title={`Marked ${COLOUR_NAMES[rule.colour]}: ${rule.when}`}>
      <span aria-hidden="true">{SIGNS[rule.colour]}</span>
      <span className="sr-only"> marked {COLOUR_NAMES[rule.colour]}</span>
    </span>
  );
};

/** The wash a marked record stands on. */
export const washOf = (rules: readonly MarkRule[], mark: number | null): string => {
  const rule = mark === null ? undefined : rules[mark];
  return rule ? `marked-${rule.colour}` : '';
};

interface Props {
  readonly text: string;
  readonly context: SayContext;
  readonly onChange: (text: string) => void;
}

const NEXT = (rules: readonly MarkRule[]): MarkColour =>
  MARK_COLOURS.find((colour) => !rules.some((rule) => rule.colour === colour)) ?? 'brick';

/** Which records a list marks, as a sentence: "red when Days late is over 30". */
export const MarksPart = ({ text, context, onChange }: Props) => {
  const rules = rulesOf(text);
  const [adding, setAdding] = useState<MarkColour | null>(null);
  const put = (next: readonly MarkRule[]): void => onChange(writeMarks(next));
  const refuse = (reason: string | null): string | null =>
    reason ? `Records cannot be marked by this, as ${reason}.` : null;
  return (
    <>
      marking{' '}
      {rules.map((rule, at) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: the first rule that is true counts: its place is what it is
        <span key={at}>
          {at > 0 && ', then '}
          <span className={INKS[rule.colour]} aria-hidden="true">
            {SIGNS[rule.colour]}{' '}
          </span>
          <Part text={COLOUR_NAMES[rule.colour]} what={`colour of mark ${at + 1}`}>
            {(close) => (
              <PickOne
                options={MARK_COLOURS.map((colour) => ({ value: colour, label: COLOUR_NAMES[colour] }))}
                chosen={rule.colour}
                onPick={(colour) => {
                  put(rules.with(at, { ...rule, colour }));
                  close();
                }}
              />
            )}
          </Part>{' '}
          when{' '}
          <ConditionEditor
            text={rule.when}
            context={context}
            mood="is"
            mayBeEmpty
            refuse={refuse}
            onChange={(when) =>
              put(when.trim() === '' ? rules.filter((_, other) => other !== at) : rules.with(at, { ...rule, when }))
            }
          />
        </span>
      ))}
      {adding !== null ? (
        <>
          {rules.length > 0 && ', then '}
          {COLOUR_NAMES[adding]} when{' '}
          <ConditionEditor
            text=""
            context={context}
            mood="is"
            mayBeEmpty
            refuse={refuse}
            onChange={(when) => {
              if (when.trim() === '') return;
              put([...rules, { colour: adding, when }]);
              setAdding(null);
            }}
          />
          <IconButton label="Do not mark so" icon={X} onClick={() => setAdding(null)} />
        </>
      ) : (
        rules.length < MARK_COLOURS.length && (
          <button
            type="button"
            className={rules.length === 0 ? 'part' : 'part ml-1'}
            onClick={() => setAdding(NEXT(rules))}
          >
            {rules.length === 0 ? 'nothing' : 'and more'}
          </button>
        )
      )}
    </>
  );
};
