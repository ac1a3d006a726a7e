import { Trash2 } from 'lucide-react';
import type { Problem } from '#core/base/index.ts';
import type { SayContext } from '#core/expression/index.ts';
import type { Ending, Form } from '#core/form/index.ts';
import { ConditionEditor } from '../../fields/rules/condition-editor.tsx';
import { IconButton } from '../../ui/icon-button.tsx';
import { Part, PickOne } from '../../ui/part.tsx';
import { WordsBox } from '../../ui/words-box.tsx';
import { Wrong } from '../../ui/wrong.tsx';

interface Props {
  readonly form: Form;
  readonly context: SayContext;
  readonly problems: readonly Problem[];
  readonly onChange: (form: Form) => void;
}

const LEADS: Readonly<Record<Ending['leads_to'], string>> = {
  thanks: 'the thanks with the number',
  another: 'another entry',
  record: 'the record',
  list: 'the list',
};
const LEADS_TO: readonly Ending['leads_to'][] = ['thanks', 'another', 'record', 'list'];

/** What is said after sending, and where one is then: the first ending whose condition holds. */
export const Endings = ({ form, context, problems, onChange }: Props) => {
  const put = (endings: readonly Ending[]): void => onChange({ ...form, endings: [...endings] });
  return (
    <section aria-label="Endings" className="mt-6">
      <h2 className="head-rule">After sending</h2>
      <ol>
        {form.endings.map((ending, at) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: endings are tried in order and known by their place
          <li key={at} className="outline-line outline-rule ruled py-2 text-ink-2">
            <div className="flex flex-wrap items-baseline gap-x-2">
              <WordsBox
                label={`Thanks of ending ${at + 1}`}
                text={ending.label}
                strong
                onText={(label) => put(form.endings.with(at, { ...ending, label }))}
              />
              <WordsBox
                label={`Words of ending ${at + 1}`}
                text={ending.words}
                placeholder="What happens now"
                most={2000}
                onText={(words) => put(form.endings.with(at, { ...ending, words }))}
              />
              <span className="line-tool ml-auto">
                <IconButton
                  label={`Take ending ${at + 1} away`}
                  icon={Trash2}
                  onClick={() => put(form.endings.toSpliced(at, 1))}
                />
              </span>
            </div>
            <p>
              leads to{' '}
              <Part text={LEADS[ending.leads_to]} what={`place ending ${at + 1} leads to`}>
                {(close) => (
                  <PickOne
                    options={LEADS_TO.map((value) => ({ value, label: LEADS[value] }))}
                    chosen={ending.leads_to}
                    onPick={(leads_to) => {
                      put(form.endings.with(at, { ...ending, leads_to }));
                      close();
                    }}
                  />
                )}
              </Part>
              , when{' '}
              <ConditionEditor
                text={ending.condition ?? ''}
                context={context}
                mood="is"
                far={false}
                mayBeEmpty
                onChange={(condition) =>
                  put(form.endings.with(at, { ...ending, condition: condition === '' ? undefined : condition }))
                }
              />
            </p>
            <Wrong problems={problems.filter(({ path }) => path[0] === 'endings' && path[1] === at)} />
          </li>
        ))}
      </ol>
      <button
        type="button"
        className="part mt-1"
        onClick={() => put([...form.endings, { label: 'Thank you', words: '', leads_to: 'thanks' }])}
      >
        add an ending
      </button>
    </section>
  );
};
