import { Popover, PopoverButton, PopoverPanel } from '@headlessui/react';
import { useMutation } from '@tanstack/react-query';
import { Ellipsis } from 'lucide-react';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import type { z } from 'zod';
import type { listFileSchema } from '#contract/index.ts';
import { dayFields } from '#core/list/index.ts';
import type { Register } from '#core/register/index.ts';
import { call } from '../../data/client.ts';
import { addressOfAll, addressOfList } from '../../data/list-address.ts';
import { readAnew } from '../../data/read-anew.ts';
import { useMe, useWorkspace } from '../../data/workspace.ts';
import { Problems } from '../../ui/message.tsx';
import { FeedDialog } from './feed-dialog.tsx';
import { FilesDialog } from './files-dialog.tsx';
import { KeepDialog, keepList, retireList } from './keep-dialog.tsx';
import { PrintDialog } from './print-dialog.tsx';
import type { Viewing } from './use-view.ts';

interface Props {
  readonly register: Register;
  readonly viewing: Viewing;
  /** It holds so many that a file of it is written by itself. */
  readonly isLong: boolean;
}

/** What can be done with a whole list: named and shared, taken out as CSV, filled from CSV, what was archived looked at. */
export const ListMenu = ({ register, viewing, isLong }: Props) => {
  const { view, kept, look } = viewing;
  const { workspace } = useWorkspace();
  const me = useMe();
  const navigate = useNavigate();
  const [naming, setNaming] = useState<'this' | 'another' | null>(null);
  const [subscribing, setSubscribing] = useState(false);
  const [printing, setPrinting] = useState(false);
  const [isTaking, setIsTaking] = useState(false);
  const [done, setDone] = useState('');
  const change = useMutation({
    mutationFn: async (run: () => Promise<string>) => setDone(await run()),
  });
  const write = useMutation({
    mutationFn: (query: z.input<typeof listFileSchema>) =>
      call('makeListFile', { params: { key: register.key }, body: query }),
    onMutate: () => setIsTaking(true),
    onSettled: () => readAnew('list-files'),
  });
  const rights = workspace.rights[register.key];
  const { filter, find, sort, archived, columns, worked, totals, by, look: drawn } = view;
  const called = kept?.list.label ?? register.plural;
  const shown = { filter, find, sort, archived, columns, worked, totals, by, called };
  const hasDays = dayFields(register).length > 0;
  return (
    <>
      <Popover className="relative">
        <PopoverButton className="btn" aria-label="More for this list">
          <Ellipsis size={16} aria-hidden="true" />
        </PopoverButton>
        <PopoverPanel anchor={{ to: 'bottom end', gap: 4 }} className="slip w-[26rem]">
          {({ close }) => (
            <ul>
              {rights?.export && (
                <>
                  <Exports
                    says="Save what is shown as"
                    of={{ ...shown, look: drawn }}
                    register={register}
                    onWrite={isLong ? write.mutate : null}
                  />
                  <Exports
                    says="Save all fields as"
                    of={{ filter, find, sort, archived, worked, called }}
                    register={register}
                    onWrite={isLong ? write.mutate : null}
                  />
                </>
              )}
              {rights?.export && (
                <>
                  <li>
                    <Row
                      onClick={() => {
                        setIsTaking(true);
                        close();
                      }}
                    >
                      Lists written to files …
                    </Row>
                  </li>
                  <li>
                    <Row
                      onClick={() => {
                        setPrinting(true);
                        close();
                      }}
                    >
                      Print …
                    </Row>
                  </li>
                </>
              )}
              {rights?.export && kept && hasDays && (
                <li>
                  <Row
                    onClick={() => {
                      setSubscribing(true);
                      close();
                    }}
                  >
                    Address for a calendar program …
                  </Row>
                </li>
              )}
              {(rights?.add || rights?.change) && (
                <li>
                  <Link className="slip-row" to={`/bring-in?into=${register.key}`}>
                    Bring a spreadsheet in …
                  </Link>
                </li>
              )}
              <li>
                <button
                  type="button"
                  className="slip-row"
                  onClick={() => {
                    look({ archived: view.archived === 'yes' ? 'no' : 'yes' });
                    close();
                  }}
                >
                  {view.archived === 'yes' ? 'Show what is current' : 'Show what was archived'}
                </button>
              </li>
              <li className="border-t border-rule">
                <Row
                  onClick={() => {
                    setNaming('another');
                    close();
                  }}
                >
                  {kept ? `Copy “${kept.list.label}” …` : 'Keep as a list …'}
                </Row>
              </li>
              {kept?.may_change && (
                <>
                  <li>
                    <Row
                      onClick={() => {
                        setNaming('this');
                        close();
                      }}
                    >
                      Name and sharing of “{kept.list.label}” …
                    </Row>
                  </li>
                  <li>
                    <Row
                      onClick={() => {
                        close();
                        change.mutate(async () => {
                          await retireList(kept.list.key);
                          navigate(addressOfAll(register.key));
                          return `“${kept.list.label}” was retired. It can be brought back here.`;
                        });
                      }}
                    >
                      Retire “{kept.list.label}”
                    </Row>
                  </li>
                </>
              )}
              {viewing.retired.map((each) => (
                <li key={each.list.key}>
                  <Row
                    onClick={() => {
                      close();
                      change.mutate(async () => {
                        navigate(addressOfList(await keepList(each.list, each.revision)));
                        return `“${each.list.label}” was brought back.`;
                      });
                    }}
                  >
                    Bring back “{each.list.label}”
                  </Row>
                </li>
              ))}
              {me.sets_up.includes('registers') && (
                <li className="border-t border-rule">
                  <Link className="slip-row" to={`/set-up/registers/${register.key}`}>
                    Fields of {register.plural}
                  </Link>
                </li>
              )}
            </ul>
          )}
        </PopoverPanel>
      </Popover>
      <span role="status" className="text-ink-2">
        {done}
      </span>
      <Problems error={change.error} />
      {naming && (
        <KeepDialog
          register={register}
          view={view}
          of={naming === 'this' ? kept : null}
          called={kept ? `${kept.list.label}, copy` : ''}
          lists={[...viewing.lists, ...viewing.retired]}
          onClose={() => setNaming(null)}
        />
      )}
      {subscribing && kept && <FeedDialog list={kept.list} onClose={() => setSubscribing(false)} />}
      {isTaking && <FilesDialog problem={write.error} onClose={() => setIsTaking(false)} />}
      {printing && <PrintDialog register={register} of={shown} onClose={() => setPrinting(false)} />}
    </>
  );
};

const FORMATS = [
  { format: 'csv', label: 'CSV' },
  { format: 'xlsx', label: 'XLSX' },
  { format: 'json', label: 'JSON' },
  { format: 'pdf', label: 'PDF' },
  { format: 'ics', label: 'iCalendar' },
] as const;
/** Formats of which a file may be long: the others hold no more than is written while one waits. */
const WRITTEN: ReadonlySet<string> = new Set(['csv', 'xlsx', 'json']);

const addressOf = (register: Register, of: Readonly<Record<string, string | undefined>>): string =>
  `/api/registers/${register.key}/export?${new URLSearchParams(Object.entries(of).map(([name, value = '']) => [name, value]))}`;

interface ExportsProps {
  readonly says: string;
  readonly register: Register;
  /** The list's parameters. */
  readonly of: Omit<z.input<typeof listFileSchema>, 'format' | 'first' | 'sheet'>;
  /** Begins to write it to a file; null: it is short, and saved at once. */
  readonly onWrite: ((query: z.input<typeof listFileSchema>) => void) | null;
}

/** The formats in which a list is taken along. */
const Exports = ({ says, register, of, onWrite }: ExportsProps) => (
  <li className="slip-row hover:bg-transparent!">
    <span className="grow">{says}</span>
    {FORMATS.filter(({ format }) => format !== 'ics' || dayFields(register).length > 0).map(({ format, label }) =>
      onWrite && WRITTEN.has(format) ? (
        <button
          key={format}
          type="button"
          className="part"
          aria-label={`${says} ${label} …`}
          onClick={() => onWrite({ ...of, format })}
        >
          {label}
        </button>
      ) : (
        <a
          key={format}
          className="part"
          aria-label={`${says} ${label}`}
          href={addressOf(register, { ...of, format })}
          download
        >
          {label}
        </a>
      ),
    )}
  </li>
);

const Row = ({ onClick, children }: { onClick: () => void; children: React.ReactNode }) => (
  <button type="button" className="slip-row" onClick={onClick}>
    {children}
  </button>
);
