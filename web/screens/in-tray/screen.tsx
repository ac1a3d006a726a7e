import { useSuspenseQuery } from '@tanstack/react-query';
import { type KeyboardEvent, useEffect, useRef, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { queries } from '../../data/queries.ts';
import { entryKey, entryPath, type TrayEntry } from '../../fields/records/tray-item.tsx';
import { DecideMany } from './decide-many.tsx';
import { type DecideKeys, DecideOne, NotHere } from './decide-one.tsx';
import { TrayList } from './tray-list.tsx';
import { UndoBar } from './undo-bar.tsx';
import { useDeciding } from './use-deciding.ts';

const KEYS_OFF = 'iolite-tray-keys-off';

/** Whether single keys decide while the tray has the focus: this browser remembers it. */
const useKeys = () => {
  const [on, setOn] = useState(() => localStorage.getItem(KEYS_OFF) === null);
  return {
    on,
    turn: (next: boolean): void => {
      if (next) localStorage.removeItem(KEYS_OFF);
      else localStorage.setItem(KEYS_OFF, 'yes');
      setOn(next);
    },
  };
};

/** What waits for me at the left, the one in question at the right, or many together; decided in place. */
export const InTrayScreen = () => {
  const { signOff } = useParams();
  const navigate = useNavigate();
  const { data: tray, dataUpdatedAt: trayAt } = useSuspenseQuery(queries.inTray());
  const [ticked, setTicked] = useState<ReadonlySet<string>>(new Set());
  const [looked, setLooked] = useState<ReadonlySet<string>>(new Set());
  const keys = useKeys();
  const list = useRef<HTMLElement>(null);
  const beside = useRef<DecideKeys>(null);
  const signing = tray.items.filter(({ kind }) => kind === 'sign');
  const chosen = signing.find((item) => item.sign_off === signOff) ?? null;
  const other = tray.items.find((item) => item.sign_off === signOff) ?? null;
  const many = signing.filter((item) => ticked.has(entryKey(item)));
  const isTogether = many.length > 1 && (chosen === null || many.every((item) => item !== chosen));

  // What is open stays open when somebody else decides it, with what is being written there.
  const [open, setOpen] = useState<{ readonly item: TrayEntry; readonly trayAt: number } | null>(null);
  useEffect(() => {
    if (chosen) setOpen({ item: chosen, trayAt });
  }, [chosen, trayAt]);
  const left = !chosen && open?.item.sign_off === signOff ? open : null;
  const shown = chosen ? { item: chosen, trayAt } : left;

  const goTo = (item: TrayEntry | undefined): void => {
    navigate(item ? entryPath(item) : '/in-tray', { replace: true });
  };
  const {
    just,
    setJust,
    one,
    many: together,
    undo,
    isPending,
  } = useDeciding((decided) => {
    const gone = new Set(decided.map(entryKey));
    setTicked((held) => new Set([...held].filter((key) => !gone.has(key))));
    // What comes next opens by itself.
    const from = signing.findIndex((item) => gone.has(entryKey(item)));
    const next = [...signing.slice(from + 1), ...signing.slice(0, from)].find((item) => !gone.has(entryKey(item)));
    if (decided.length === 1) goTo(next);
    else goTo(undefined);
    list.current?.focus();
  });
  // What somebody else decided meanwhile is no longer there to be ticked.
  useEffect(() => {
    const there = new Set(tray.items.map(entryKey));
    setTicked((held) =>
      [...held].every((key) => there.has(key)) ? held : new Set([...held].filter((key) => there.has(key))),
    );
  }, [tray]);

  const tick = (entries: readonly string[], on: boolean): void =>
    setTicked((held) => {
      const next = new Set(held);
      for (const key of entries) {
        if (on) next.add(key);
        else next.delete(key);
      }
      return next;
    });

  const approveMany = (): void => {
    const ready = many.filter(({ changed, sign_off: id }) => !changed || looked.has(id));
    if (ready.length > 0) together.mutate({ items: ready, decision: 'approve', comment: '' });
  };
  const onKey = (event: KeyboardEvent): void => {
    const isBox = event.target instanceof Element && event.target.closest('textarea, input:not([type=checkbox])');
    // A key held down moves on, and decides once.
    const isHeld = event.repeat && !event.key.startsWith('Arrow');
    if (!keys.on || isBox || isHeld || event.ctrlKey || event.metaKey || event.altKey) return;
    const at = chosen ? signing.indexOf(chosen) : -1;
    const act = new Map<string, () => void>([
      ['arrowdown', () => goTo(signing[Math.min(at + 1, signing.length - 1)])],
      ['arrowup', () => goTo(signing[Math.max(at - 1, 0)])],
      ['a', () => (isTogether ? approveMany() : beside.current?.approve())],
      ['b', () => beside.current?.sendBack()],
      [
        ' ',
        () => {
          if (chosen && !chosen.fills) tick([entryKey(chosen)], !ticked.has(entryKey(chosen)));
        },
      ],
    ]);
    const run = act.get(event.key.toLowerCase());
    // A button or a box takes its own Space.
    const isOwn = event.key === ' ' && event.target instanceof Element && event.target.closest('button, input, a');
    if (!run || isOwn) return;
    event.preventDefault();
    run();
    list.current?.focus();
  };

  return (
    <div className="flex min-h-0 grow max-sm:flex-col">
      <section
        ref={list}
        aria-label="In-tray"
        // The keys of the tray count while it has the focus.
        // biome-ignore lint/a11y/noNoninteractiveTabindex: see above
        tabIndex={0}
        onKeyDown={onKey}
        className={`${signOff ? 'w-[22rem]' : 'w-[26rem]'} shrink-0 overflow-auto border-r border-rule bg-paper max-lg:w-80 max-sm:w-full ${
          signOff ? 'max-sm:hidden' : ''
        }`}
      >
        <TrayList tray={tray} ticked={ticked} onTick={tick} keys={keys.on} onKeys={keys.turn} />
      </section>
      <section
        aria-label="Record to decide"
        className={`flex min-w-0 grow scroll-pb-56 flex-col sm:overflow-auto ${signOff || isTogether ? '' : 'max-sm:hidden'}`}
      >
        <UndoBar just={just} error={undo.error} onUndo={(ids) => !undo.isPending && undo.mutate(ids)} />
        <div className="grow p-6 pb-0 max-sm:p-4 max-sm:pb-0">
          <Link to="/in-tray" className="part mb-3 inline-block sm:hidden">
            All that waits
          </Link>
          {isTogether ? (
            <DecideMany
              items={many}
              looked={looked}
              error={together.error}
              pending={together.isPending}
              onLook={(item) => {
                setLooked(new Set(looked).add(item.sign_off));
                goTo(item);
              }}
              onUntick={() => setTicked(new Set())}
              onDecide={(decision, items, comment) => together.mutate({ items, decision, comment })}
            />
          ) : shown ? (
            <>
              {many.length > 1 && (
                <button type="button" className="part mb-3" onClick={() => goTo(undefined)}>
                  Back to the {many.length} chosen
                </button>
              )}
              <DecideOne
                key={entryKey(shown.item)}
                item={shown.item}
                keys={beside}
                trayAt={shown.trayAt}
                // What is being decided here leaves the tray before its answer is here.
                gone={left !== null && !one.isPending}
                error={one.variables?.item.sign_off === shown.item.sign_off ? one.error : null}
                pending={isPending(shown.item.sign_off)}
                onDecide={(body) => {
                  setJust(null);
                  one.mutate({ item: shown.item, body });
                }}
              />
            </>
          ) : (
            tray.items.length > 0 && <NotHere item={signOff ? other : null} />
          )}
        </div>
      </section>
    </div>
  );
};
