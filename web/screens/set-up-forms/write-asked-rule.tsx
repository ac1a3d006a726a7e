import { operandText, type SayContext, type Vocabulary, writeCondition, writeValue } from '#core/expression/index.ts';
import { type ColumnRule, offeringVocabulary } from '#core/form/index.ts';
import { behaviourOf, linkToOne, type RowField } from '#core/values/index.ts';
import { SentenceWriter } from '../../fields/rules/sentence-writer.tsx';

const KINDS = [
  { value: 'must_be_answered', label: 'must be answered' },
  { value: 'must', label: 'must …' },
  { value: 'starts_as', label: 'starts as …' },
  { value: 'asked_when', label: 'is asked when …' },
  { value: 'offers_where', label: 'offers only those whose …' },
] as const;
export type AskedRuleKind = (typeof KINDS)[number]['value'];

/** The rules a question in rows, or of a record that is made along, may have. */
export const askedRuleKinds = ({ type }: RowField) =>
  KINDS.filter(({ value }) => value !== 'offers_where' || linkToOne(type));

interface WriteProps {
  readonly column: RowField;
  readonly kind: AskedRuleKind;
  /** The names of a row. */
  readonly context: SayContext;
  /** The names of the form around the rows. */
  readonly form: SayContext;
  readonly onRule: (rule: ColumnRule) => void;
  readonly onCancel: () => void;
}

/** The rest of a rule's sentence, word by word. */
export const WriteRule = ({ column, kind, context, form, onRule, onCancel }: WriteProps) => {
  const condition = (as: 'must' | 'asked_when') =>
    writeCondition<ColumnRule>({
      context,
      mood: as === 'must' ? 'must' : 'is',
      ...(as === 'must' ? { subject: column.key } : {}),
      before: [{ role: 'words', text: as === 'must' ? column.label : `${column.label} is asked when` }],
      finish: (text) => ({ kind: as, condition: text }),
    });
  const link = linkToOne(column.type);
  const target = link && offeringVocabulary(form.vocabulary, link.register);
  const offering = (vocabulary: Vocabulary) =>
    writeCondition<ColumnRule>({
      context: { ...context, vocabulary },
      mood: 'is',
      before: [{ role: 'words', text: `${column.label} offers only those whose` }],
      finish: (text) => ({ kind: 'offers_where', condition: text }),
    });
  const start =
    kind === 'offers_where' && target
      ? offering(target)
      : kind === 'starts_as'
        ? writeValue<ColumnRule>(
            behaviourOf(column.type).value,
            context,
            [{ role: 'words', text: `${column.label} starts as` }],
            (operand) => ({ kind: 'starts_as', value: operandText(operand) }),
          )
        : condition(kind === 'must' ? 'must' : 'asked_when');
  return (
    <SentenceWriter
      start={start}
      label={`Rule of each ${column.label}`}
      onDone={onRule}
      onCancel={onCancel}
      onLeave={onCancel}
    />
  );
};
