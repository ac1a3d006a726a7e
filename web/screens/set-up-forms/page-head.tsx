import { ArrowDown, ArrowUp, Copy, Trash2 } from 'lucide-react';
import type { Problem } from '#core/base/index.ts';
import type { SayContext } from '#core/expression/index.ts';
import { type Form, movePage, type Page, putPage, removePage } from '#core/form/index.ts';
import { ConditionEditor } from '../../fields/rules/condition-editor.tsx';
import { IconButton } from '../../ui/icon-button.tsx';
import { Part, PickOne } from '../../ui/part.tsx';
import { WordsBox } from '../../ui/words-box.tsx';
import { Wrong } from '../../ui/wrong.tsx';
import { MediaPart } from './media-part.tsx';

interface Props {
  readonly form: Form;
  readonly at: number;
  readonly context: SayContext;
  readonly problems: readonly Problem[];
  readonly onChange: (form: Form) => void;
  readonly onCopy: (page: string) => void;
}

const END = ' end';

/** A page's heading in the outline: its name, its introduction, and where it leads. */
export const PageHead = ({ form, at, context, problems, onChange, onCopy }: Props) => {
  const page = form.pages[at];
  if (!page) return null;
  const put = (next: Partial<Page>): void => onChange(putPage(form, at, { ...page, ...next }));
  const later = form.pages.slice(at + 1);
  const places = [...later.map(({ key, label }) => ({ value: key, label })), { value: END, label: 'the end' }];
  const usual = later[0]?.key ?? null;
  const next = page.otherwise === undefined ? usual : page.otherwise;
  const says = (to: string | null) =>
    to === null ? 'the end' : (form.pages.find((each) => each.key === to)?.label ?? to);
  const about = (i: number | null) =>
    problems.filter(
      ({ path }) =>
        path[0] === 'pages' &&
        path[1] === at &&
        (i === null ? path[2] !== 'onward' : path[2] === 'onward' && path[3] === i),
    );
  return (
    <div className="outline-line mt-5 border-b-2 border-ink pb-1">
      <div className="flex flex-wrap items-center gap-x-2">
        <h2 className="whitespace-nowrap">Page {at + 1}.</h2>
        <WordsBox label={`Name of page ${at + 1}`} text={page.label} strong onText={(label) => put({ label })} />
        {at === 0 && <span className="text-ink-2">everyone starts here</span>}
        <span className="line-tool ml-auto flex">
          <IconButton
            label={`Move page ${at + 1} up`}
            icon={ArrowUp}
            disabled={at === 0}
            onClick={() => onChange(movePage(form, at, -1))}
          />
          <IconButton
            label={`Move page ${at + 1} down`}
            icon={ArrowDown}
            disabled={later.length === 0}
            onClick={() => onChange(movePage(form, at, 1))}
          />
          <IconButton label={`Copy page ${at + 1}`} icon={Copy} onClick={() => onCopy(page.key)} />
          <IconButton label={`Take page ${at + 1} away`} icon={Trash2} onClick={() => onChange(removePage(form, at))} />
        </span>
      </div>
      <div className="flex flex-wrap items-baseline gap-x-3">
        <WordsBox
          label={`Introduction of page ${at + 1}`}
          text={page.introduction ?? ''}
          placeholder="Words at the top of the page"
          most={2000}
          onText={(words) => put({ introduction: words === '' ? undefined : words })}
        />
        <MediaPart label={`page ${at + 1}`} media={page.media} onMedia={(media) => put({ media })} />
      </div>
      <Wrong problems={about(null)} />
      <ul className="text-ink-2">
        {page.onward.map((onward, i) => (
          // A way on is known by its place: they are tried in order.
          // biome-ignore lint/suspicious/noArrayIndexKey: see above
          <li key={i} className="outline-rule flex items-baseline gap-1.5 pl-1">
            <span className="grow">
              leads to{' '}
              <Part text={says(onward.to)} what={`page that way ${i + 1} leads to`}>
                {(close) => (
                  <PickOne
                    options={places}
                    chosen={onward.to ?? END}
                    onPick={(to) => {
                      put({ onward: page.onward.with(i, { ...onward, to: to === END ? null : to }) });
                      close();
                    }}
                  />
                )}
              </Part>{' '}
              when{' '}
              <ConditionEditor
                text={onward.condition}
                context={context}
                mood="is"
                far={false}
                onChange={(condition) => put({ onward: page.onward.with(i, { ...onward, condition }) })}
              />
              <Wrong problems={about(i)} />
            </span>
            <span className="rule-tool">
              <IconButton
                label={`Take way ${i + 1} of page ${at + 1} away`}
                icon={Trash2}
                onClick={() => put({ onward: page.onward.toSpliced(i, 1) })}
              />
            </span>
          </li>
        ))}
        <li className="outline-rule pl-1">
          {page.onward.length > 0 ? 'otherwise leads on to' : 'leads on to'}{' '}
          <Part text={says(next)} what={`page that page ${at + 1} leads on to`}>
            {(close) => (
              <PickOne
                options={places}
                chosen={next ?? END}
                onPick={(to) => {
                  const { otherwise: _, ...plain } = page;
                  const chosen = to === END ? null : to;
                  onChange(putPage(form, at, chosen === usual ? plain : { ...plain, otherwise: chosen }));
                  close();
                }}
              />
            )}
          </Part>
          , or elsewhere when{' '}
          <ConditionEditor
            text=""
            context={context}
            mood="is"
            far={false}
            mayBeEmpty
            onChange={(condition) => {
              if (condition !== '') put({ onward: [...page.onward, { condition, to: later[1]?.key ?? null }] });
            }}
          />
        </li>
      </ul>
    </div>
  );
};
