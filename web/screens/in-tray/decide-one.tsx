import { useQuery } from '@tanstack/react-query';
import { type RefObject, useEffect, useImperativeHandle, useRef, useState } from 'react';
import { Link } from 'react-router';
import type { RecordDetail, TrayDetail } from '#contract/index.ts';
import { queries } from '../../data/queries.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { useFieldEntry } from '../../fields/asking/field-entry.ts';
import {
  RecordFacts,
  RecordHead,
  RecordHistory,
  RecordSignOff,
  useRecordCatalogue,
} from '../../fields/records/record-facts.tsx';
import { sayDue, type TrayEntry } from '../../fields/records/tray-item.tsx';
import { CommentBox } from '../../ui/comment-box.tsx';
import { Key, StageStamp, Stamp } from '../../ui/marks.tsx';
import { Coming, Problems } from '../../ui/message.tsx';
import { FillStep, fillId } from './fill-step.tsx';
import type { Deciding } from './use-deciding.ts';
import { PassOn, SendBack } from './ways-out.tsx';
import { WhatIsKnown } from './what-is-known.tsx';
import { WhyBox } from './why-box.tsx';

/** What the keys of the tray do with what is open beside it. */
export interface DecideKeys {
  readonly approve: () => void;
  readonly sendBack: () => void;
}

interface Props {
  readonly item: TrayEntry;
  readonly keys: RefObject<DecideKeys | null>;
  /** When the tray was read in which it stood. */
  readonly trayAt: number;
  /** It was decided, changed hands or was taken back while it was open here. */
  readonly gone: boolean;
  readonly error: unknown;
  readonly pending: boolean;
  readonly onDecide: (body: Deciding) => void;
}

/** One thing that waits: what it is, why it is here, what is known of it, and the decision. */
export const DecideOne = (props: Props) => {
  const { item, trayAt, gone } = props;
  const { data: record, error } = useQuery({ ...queries.record(item.register, item.record), enabled: !gone });
  const { data: detail, error: missing } = useQuery({ ...queries.trayDetail(item.sign_off, trayAt), enabled: !gone });
  if (!gone && (error ?? missing)) return <Problems error={error ?? missing} />;
  // What was open stays open when it waits no more: somebody may be writing there.
  if (!record || !detail) return gone ? <NotHere item={null} /> : <Coming />;
  return <Ready {...props} record={record} detail={detail} />;
};

interface ReadyProps extends Props {
  readonly record: RecordDetail;
  readonly detail: TrayDetail;
}

const firstName = (name: string): string => name.split(' ')[0] ?? name;

const Ready = ({ item, keys, gone, error, pending, onDecide, record, detail }: ReadyProps) => {
  const { workspace } = useWorkspace();
  const catalogue = useRecordCatalogue(record);
  const [comment, setComment] = useState('');
  const [tried, setTried] = useState(false);
  const [out, setOut] = useState<'send_back' | 'pass' | null>(null);
  const box = useRef<HTMLTextAreaElement>(null);
  const store = useFieldEntry({ record, fields: detail.fills.map(({ field }) => field), label: item.title, catalogue });
  const shown = detail.shows === null ? record : onlyShown(record, detail.shows);
  useEffect(() => {
    if (error) box.current?.focus();
  }, [error]);
  const decide = (decision: Deciding['decision'], more: Partial<Deciding> = {}): void =>
    onDecide({ decision, comment, version: record.version, step: item.step, ...more });
  const approve = (): void => {
    const { filledIn } = store.getState();
    setTried(true);
    const states = detail.fills.map(({ field, must }) => ({ state: filledIn.byKey.get(field), field, must }));
    const wrong = states.find(
      ({ state, must }) => (state?.problems.length ?? 0) > 0 || (must && (state?.value ?? null) === null),
    );
    if (wrong) {
      // What is missing is gone to: it may stand below what is seen.
      document.getElementById(fillId(wrong.field))?.focus();
      return;
    }
    const values = Object.fromEntries(states.map(({ state, field }) => [field, state?.value ?? null]));
    decide('approve', { values });
  };
  useImperativeHandle(keys, () => ({
    approve: () => !gone && !pending && approve(),
    sendBack: () => !gone && !pending && setOut('send_back'),
  }));
  return (
    <article aria-label={`${item.number} ${item.title}`} className="flex min-h-full flex-col">
      <div className="grow">
        <RecordHead record={record}>
          <span className="ml-auto flex items-center gap-3">
            <span className={item.late ? 'font-semibold text-brick' : 'text-ink-2'}>{sayDue(item, workspace)}</span>
            {!gone && <Stamp kind="waiting">Waiting for you</Stamp>}
          </span>
        </RecordHead>
        <WhyBox why={item.why} notes={detail.notes} />
        <div className="grid gap-8 lg:grid-cols-[1fr_17rem]">
          <div>
            <h2 className="head-rule">What is asked</h2>
            <RecordFacts record={shown} />
            <WhatIsKnown detail={detail} />
            {detail.fills.length > 0 && <FillStep store={store} fills={detail.fills} tried={tried} />}
          </div>
          <div>
            <RecordSignOff record={record} />
            {workspace.rights[item.register]?.see && <RecordHistory register={item.register} id={item.record} />}
          </div>
        </div>
      </div>
      <form
        // On a phone the two actions alone stay at the bottom: what is written stands above them in its place.
        className="max-sm:contents sm:sticky sm:bottom-0 sm:mt-6 sm:border-t-2 sm:border-iolite-deep sm:bg-sheet sm:py-3"
        onSubmit={(event) => event.preventDefault()}
      >
        <CommentBox box={box} label="Say why, or what to change" rows={2} value={comment} onChange={setComment} />
        <Problems error={error} />
        {gone && (
          <p role="status" className="mt-2 border-l-4 border-straw bg-straw-wash px-3 py-2">
            This does not wait for you any more: meanwhile it was decided, passed on or taken back. What you wrote stays
            here until you open something else.{' '}
            <Link className="part" to={`/registers/${item.register}/${item.record}`}>
              Look at the record
            </Link>
          </p>
        )}
        <div
          hidden={gone}
          className="mt-2 flex flex-wrap gap-2 max-sm:sticky max-sm:bottom-0 max-sm:-mx-4 max-sm:grid max-sm:grid-cols-2 max-sm:border-t-2 max-sm:border-iolite-deep max-sm:bg-sheet max-sm:px-4 max-sm:py-3"
        >
          <button
            type="button"
            className="btn btn-ok max-sm:order-2 max-sm:min-h-11 max-sm:justify-center"
            disabled={pending}
            onClick={approve}
          >
            Approve{' '}
            <span className="max-sm:hidden">
              <Key>A</Key>
            </span>
          </button>
          <button
            type="button"
            className="btn max-sm:order-1 max-sm:min-h-11 max-sm:justify-center"
            disabled={pending}
            onClick={() => setOut('send_back')}
          >
            Send back to {firstName(item.from)}{' '}
            <span className="max-sm:hidden">
              <Key>B</Key>
            </span>
          </button>
          <button
            type="button"
            className="btn btn-no max-sm:order-3 max-sm:min-h-11 max-sm:justify-center"
            disabled={pending}
            onClick={() => decide('refuse')}
          >
            Refuse
          </button>
          {detail.pass_to.length > 0 && (
            <button
              type="button"
              className="btn btn-quiet ml-auto max-sm:order-4 max-sm:min-h-11 max-sm:justify-center"
              disabled={pending}
              onClick={() => setOut('pass')}
            >
              Pass on…
            </button>
          )}
        </div>
      </form>
      {out === 'send_back' && (
        <SendBack
          record={shown}
          detail={detail}
          from={item.from}
          comment={comment}
          onClose={() => setOut(null)}
          onSend={(body) => {
            setOut(null);
            setComment(body.comment ?? '');
            decide('send_back', body);
          }}
        />
      )}
      {out === 'pass' && (
        <PassOn
          people={detail.pass_to}
          onClose={() => setOut(null)}
          onPass={(to) => {
            setOut(null);
            decide('delegate', { to });
          }}
        />
      )}
    </article>
  );
};

/** A record with the fields a step shows, and no others. */
const onlyShown = (record: RecordDetail, shows: readonly string[]): RecordDetail => ({
  ...record,
  definition: { ...record.definition, fields: record.definition.fields.filter(({ key }) => shows.includes(key)) },
});

/** Something that is not theirs to decide any more, or that they only look at. */
export const NotHere = ({ item }: { item: TrayEntry | null }) => (
  <p className="text-ink-2">
    {item ? (
      <>
        <StageStamp stage={item.stage} /> This does not wait for you.{' '}
        <Link className="part" to={`/registers/${item.register}/${item.record}`}>
          Look at the record
        </Link>
      </>
    ) : (
      'Choose what to look at.'
    )}
  </p>
);
