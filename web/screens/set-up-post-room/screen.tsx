import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { PostRoom } from '#contract/index.ts';
import { showMoment } from '#core/base/index.ts';
import { call } from '../../data/client.ts';
import { queries } from '../../data/queries.ts';
import { readAnew } from '../../data/read-anew.ts';
import { useMe, useWorkspace } from '../../data/workspace.ts';
import { Coming, Empty, Problems } from '../../ui/message.tsx';

type Message = PostRoom['messages'][number];

const STATES: { readonly [S in Message['state']]: { readonly says: string; readonly stamp: string } } = {
  kept: { says: 'Kept here', stamp: 'stamp-draft' },
  waiting: { says: 'Waits', stamp: 'stamp-waiting' },
  sent: { says: 'Sent', stamp: 'stamp-approved' },
  failed: { says: 'Not taken', stamp: 'stamp-refused' },
};

/** The post room: what Iolite wrote to people, and what became of it. */
export const PostRoomScreen = () => {
  const { data, error } = useQuery(queries.postRoom());
  const me = useMe();
  const [chosen, setChosen] = useState<string | null>(null);
  if (!data) return error ? <Problems error={error} /> : <Coming />;
  const all = me.sets_up.includes('people');
  const open = data.messages.find(({ id }) => id === chosen) ?? data.messages[0];
  return (
    <div className="flex min-h-0 grow flex-col">
      <header className="border-b border-rule px-6 py-3">
        <h1>Post room</h1>
        <p className="text-ink-2">
          {all ? 'Every message that Iolite wrote to somebody.' : 'What Iolite wrote to you.'}{' '}
          {data.sends
            ? 'They leave by mail; a link that lets somebody in is its reader’s alone.'
            : 'No mail leaves this server: messages are read here, and their links work.'}
        </p>
      </header>
      {data.messages.length === 0 && <Empty title="Nothing was written yet." />}
      {open && (
        <div className="flex min-h-0 grow max-md:flex-col max-md:overflow-auto">
          <ul
            className="shrink-0 overflow-auto border-r border-rule md:w-[26rem] max-md:border-r-0"
            aria-label="Messages"
          >
            {data.messages.map((message) => (
              <li key={message.id} className="ruled">
                <Line message={message} isOpen={message.id === open.id} onOpen={() => setChosen(message.id)} />
              </li>
            ))}
          </ul>
          <OneMessage key={open.id} message={open} />
        </div>
      )}
    </div>
  );
};

const useSayMoment = () => {
  const { workspace } = useWorkspace();
  return (moment: string): string => showMoment(moment, workspace.zone, workspace.locale);
};

const StateStamp = ({ state }: Pick<Message, 'state'>) => (
  <span className={`stamp ${STATES[state].stamp}`}>{STATES[state].says}</span>
);

const Line = ({ message, isOpen, onOpen }: { message: Message; isOpen: boolean; onOpen: () => void }) => {
  const say = useSayMoment();
  return (
    <button
      type="button"
      aria-current={isOpen}
      className="block w-full border-l-4 border-transparent px-5 py-2.5 text-left hover:bg-iolite-wash aria-[current=true]:border-iolite aria-[current=true]:bg-iolite-wash"
      onClick={onOpen}
    >
      <span className="flex items-baseline gap-3">
        <span className="font-semibold">{message.to.name}</span>
        <span className="ml-auto whitespace-nowrap text-[13px] text-ink-2">{say(message.at)}</span>
      </span>
      <span className="flex items-baseline gap-3">
        <span className="grow text-ink-2">{message.subject}</span>
        <StateStamp state={message.state} />
      </span>
    </button>
  );
};

const OneMessage = ({ message }: { message: Message }) => {
  const say = useSayMoment();
  const me = useMe();
  const again = useMutation({
    mutationFn: () => call('sendAgain', { params: { id: message.id } }),
    onSuccess: () => readAnew('post-room'),
  });
  return (
    <article
      className="min-w-0 grow overflow-auto bg-paper p-6 max-md:order-first max-md:grow-0 max-sm:p-3"
      aria-label={message.subject}
    >
      <div className="mx-auto max-w-2xl border border-rule-strong bg-sheet px-8 py-6 max-sm:px-4">
        <h2 className="head-rule">{message.subject}</h2>
        <p className="mt-2 text-ink-2 [overflow-wrap:anywhere]">
          To {message.to.name}, {message.to.email}. {say(message.at)} <StateStamp state={message.state} />
        </p>
        {message.problem !== null && <p className="mt-2 text-brick">{message.problem}</p>}
        <Problems error={again.error} />
        {message.state === 'failed' && me.sets_up.includes('people') && (
          <button type="button" className="btn mt-2" disabled={again.isPending} onClick={() => again.mutate()}>
            Send it again
          </button>
        )}
        <div className="mt-4 grid gap-3 [overflow-wrap:anywhere]">
          {message.words.map((paragraph) => (
            <p key={paragraph} className="whitespace-pre-line">
              {paragraph}
            </p>
          ))}
          {message.link &&
            (message.link.href === null ? (
              <p className="text-ink-2">{message.link.label}: this link was used, or works no longer.</p>
            ) : (
              <p>
                <a className="btn btn-go" href={message.link.href}>
                  {message.link.label}
                </a>
              </p>
            ))}
        </div>
      </div>
    </article>
  );
};
