import { Link } from 'react-router';
import type { TrayDetail } from '#contract/index.ts';
import { showMoment } from '#core/base/index.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { StageStamp } from '../../ui/marks.tsx';

/** A list of what was and is, each as "now, was before". */
const Differences = ({ of }: { of: TrayDetail['beyond'] }) => (
  <ul className="mt-1 space-y-1">
    {of.map((each) => (
      <li key={`${each.field} ${each.to}`}>
        <span className="font-medium">{each.field}:</span> {each.to || 'nothing'}{' '}
        <span className="text-ink-2">was {each.from || 'nothing'}</span>
      </li>
    ))}
  </ul>
);

/** What is different since somebody signed, and since it was asked; earlier ones like it. */
export const WhatIsKnown = ({ detail }: { detail: TrayDetail }) => {
  const { workspace } = useWorkspace();
  const { since, beyond, similar, item } = detail;
  const day = (moment: string) => showMoment(moment, workspace.zone, workspace.locale).split(',')[0];
  return (
    <>
      {since && (
        <section aria-label="Changed since" className="mt-6">
          <h2 className="head-rule">Changed since {since.who} signed</h2>
          {since.changes.length === 0 ? (
            <p className="text-ink-2">Nothing changed since {day(since.at)}.</p>
          ) : (
            <Differences of={since.changes} />
          )}
        </section>
      )}
      {beyond.length > 0 && (
        <section aria-label="Otherwise now" className="mt-6">
          <h2 className="head-rule">Otherwise than when it was sent</h2>
          <p className="text-[13px] text-ink-2">What lies behind its links. It starts no new round.</p>
          <Differences of={beyond} />
        </section>
      )}
      {similar.length > 0 && (
        <section aria-label="Earlier ones like it" className="mt-6">
          <h2 className="head-rule">Earlier ones like it</h2>
          <ul>
            {similar.map((each) => (
              <li key={each.record} className="ruled flex flex-wrap items-baseline gap-x-3 py-1.5">
                <Link className="part" to={`/registers/${item.register}/${each.record}`}>
                  {each.title}
                </Link>
                <span className="font-mono text-xs text-ink-2">{each.number}</span>
                <span className="ml-auto tabular-nums">{each.amount}</span>
                <StageStamp stage={each.stage} />
                {each.comment !== '' && <span className="w-full text-[13px] text-ink-2">“{each.comment}”</span>}
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
};
