import { useEffect, useRef } from 'react';
import { Link } from 'react-router';
import type { FormAnswer } from '#contract/index.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { FormattedText } from '../../fields/controls/formatted.tsx';
import type { Done } from '../../fields/filling-in/use-sending.ts';
import { TabMark } from '../../ui/marks.tsx';

interface ThanksProps {
  readonly done: Done;
  readonly answer: FormAnswer;
  readonly onAnother: () => void;
}

/** After sending: thanks with the number, and where to go from here. */
export const Thanks = ({ done: { sent, ending }, answer, onAnother }: ThanksProps) => {
  const { workspace } = useWorkspace();
  const head = useRef<HTMLHeadingElement>(null);
  useEffect(() => head.current?.focus(), []);
  const sees = workspace.rights[sent.register]?.see === true;
  return (
    <div className="grow bg-paper p-6 sm:overflow-auto">
      <div className="mx-auto max-w-2xl border border-rule-strong bg-sheet p-8">
        <h1 ref={head} tabIndex={-1} className="flex items-center gap-3 outline-none">
          <TabMark mark={answer.register.mark} name={answer.register.plural} />
          {ending?.label ?? 'Thank you'}. {sent.number} was{' '}
          {answer.sent_back ? 'sent again' : answer.record ? 'changed' : 'stored'}.
        </h1>
        {ending && ending.words !== '' && (
          <div className="mt-4">
            <FormattedText text={ending.words} />
          </div>
        )}
        <p className="my-4 text-ink-2">
          {sent.goes_to
            ? `It waits for the ${sent.goes_to} to sign.`
            : `“${sent.title}” is in ${answer.register.plural} now.`}
          {sent.made?.map(({ id, register, number, title }) => (
            <span key={id} className="block">
              {workspace.rights[register]?.see === true ? (
                <Link className="part" to={`/registers/${register}/${id}`}>
                  {title} {number}
                </Link>
              ) : (
                `${title} ${number}`
              )}{' '}
              was stored along with it.
            </span>
          ))}
        </p>
        <div className="flex flex-wrap gap-3">
          {!answer.record && (
            <button type="button" className="btn btn-go" onClick={onAnother}>
              Fill in another
            </button>
          )}
          {sees && (
            <Link className="btn" to={`/registers/${sent.register}?record=${sent.id}&stored=yes`}>
              See it in {answer.register.plural}
            </Link>
          )}
          <Link className="btn" to="/">
            Go to Today
          </Link>
        </div>
      </div>
    </div>
  );
};
