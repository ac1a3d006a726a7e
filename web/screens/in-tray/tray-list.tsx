import { ChevronDown, ChevronRight } from 'lucide-react';
import { type ReactNode, useState } from 'react';
import type { InTray } from '#contract/index.ts';
import { entryKey, type TrayEntry, TrayItem } from '../../fields/records/tray-item.tsx';
import { Key } from '../../ui/marks.tsx';
import { Empty } from '../../ui/message.tsx';

interface Props {
  readonly tray: InTray;
  readonly ticked: ReadonlySet<string>;
  readonly onTick: (keys: readonly string[], on: boolean) => void;
  readonly keys: boolean;
  readonly onKeys: (on: boolean) => void;
}

/** Whether an entry can be signed along with others: what has fields to be filled in is signed by itself. */
const isTickable = (item: TrayEntry): boolean => item.kind === 'sign' && !item.fills;

/** What waits, grouped by what it is, the late ones first; what I stand in for and what I sent, folded. */
export const TrayList = ({ tray, ticked, onTick, keys, onKeys }: Props) => {
  const own = tray.items.filter(({ kind, stands_in_for: standing }) => kind === 'sign' && standing === null);
  const mends = tray.items.filter(({ kind }) => kind === 'mend');
  const sent = tray.items.filter(({ kind }) => kind === 'sent');
  const standing = tray.items.filter(({ kind, stands_in_for: name }) => kind === 'sign' && name !== null);
  const names = [...new Set(standing.flatMap(({ stands_in_for: name }) => name ?? []))];
  const tick = { ticked, onTick };
  return (
    <>
      <div className="flex items-baseline gap-2 px-4 pt-4 pb-2">
        <h1>In-tray</h1>
        <span className="text-[13px] text-ink-2">by what it is, late first</span>
        {tray.late > 0 && <span className="ml-auto font-semibold text-brick">{tray.late} late</span>}
      </div>
      {tray.my_stand_in && (
        <p className="px-4 pb-2 text-[13px] text-ink-2">
          {tray.my_stand_in.name} stands in for you until {tray.my_stand_in.until}. What waits for you waits for both.
        </p>
      )}
      {own.length + mends.length + standing.length === 0 && (
        <Empty title="Nothing waits for you.">
          What you are asked to sign, and what is sent back to you, comes here.
        </Empty>
      )}
      {tray.groups.map((group) => (
        <Group
          key={group.key}
          title={group.label}
          items={own.filter(({ group: key }) => key === group.key)}
          {...tick}
        />
      ))}
      {mends.length > 0 && <Group title="Sent back to you" items={mends} {...tick} />}
      {names.map((name) => {
        const items = standing.filter(({ stands_in_for: held }) => held === name);
        return (
          <Folded key={name} title={`You stand in for ${name}`} items={items} open>
            <Entries items={items} {...tick} />
          </Folded>
        );
      })}
      {sent.length > 0 && (
        <Folded title="What you sent" items={sent} open={false}>
          <Entries items={sent} {...tick} />
        </Folded>
      )}
      {tray.more && <p className="px-4 py-2 text-ink-2">More than this waits: sign some of these first.</p>}
      {own.length + standing.length > 0 && (
        <p className="flex flex-wrap items-center gap-x-3 gap-y-1 px-4 py-3 text-[13px] text-ink-2 max-sm:hidden">
          {keys ? (
            <>
              <span>
                <Key>↑</Key> <Key>↓</Key> move
              </span>
              <span>
                <Key>A</Key> approve
              </span>
              <span>
                <Key>B</Key> send back
              </span>
              <span>
                <Key>Space</Key> tick
              </span>
            </>
          ) : (
            <span>Keys are off.</span>
          )}
          <button type="button" className="quiet-link" onClick={() => onKeys(!keys)}>
            {keys ? 'turn keys off' : 'turn keys on'}
          </button>
        </p>
      )}
    </>
  );
};

interface Ticking {
  readonly ticked: ReadonlySet<string>;
  readonly onTick: Props['onTick'];
}

const Group = ({ title, items, ticked, onTick }: Ticking & { title: string; items: readonly TrayEntry[] }) => {
  const able = items.filter(isTickable);
  const on = able.filter((item) => ticked.has(entryKey(item)));
  const all = able.length > 0 && on.length === able.length;
  return (
    <section aria-label={title}>
      <h2 className="flex items-center gap-3 border-b border-ink px-4 pt-3 pb-1.5 text-[13px]!">
        {able.length > 0 && (
          <input
            type="checkbox"
            aria-label={`All of ${title}`}
            checked={all}
            ref={(box) => {
              if (box) box.indeterminate = on.length > 0 && !all;
            }}
            onChange={() => onTick(able.map(entryKey), !all)}
          />
        )}
        {title}
        <span className="font-normal text-ink-2">
          {items.length}
          {on.length > 0 && `, ${on.length} chosen`}
        </span>
      </h2>
      <Entries items={items} ticked={ticked} onTick={onTick} />
    </section>
  );
};

const Entries = ({ items, ticked, onTick }: Ticking & { items: readonly TrayEntry[] }) => (
  <ul>
    {items.map((item) => {
      const key = entryKey(item);
      return (
        <li key={key} className={`ruled flex items-start ${ticked.has(key) ? 'bg-iolite-wash' : ''}`} data-entry={key}>
          {isTickable(item) && (
            <span className="pt-3.5 pl-4">
              <input
                type="checkbox"
                aria-label={`Choose ${item.title}`}
                checked={ticked.has(key)}
                onChange={() => onTick([key], !ticked.has(key))}
              />
            </span>
          )}
          <span className="min-w-0 grow">
            <TrayItem item={item} />
          </span>
        </li>
      );
    })}
  </ul>
);

const Folded = (props: { title: string; items: readonly TrayEntry[]; open: boolean; children: ReactNode }) => {
  const { title, items, children } = props;
  const [open, setOpen] = useState(props.open);
  const late = items.filter((item) => item.late).length;
  const Icon = open ? ChevronDown : ChevronRight;
  return (
    <section aria-label={title} className="border-t border-rule">
      <button
        type="button"
        className="flex w-full items-center gap-2 px-4 py-2.5 text-left font-semibold hover:bg-iolite-wash"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
      >
        <Icon size={16} aria-hidden="true" />
        {title}
        <span className="ml-auto font-normal text-ink-2">
          {items.length}
          {late > 0 && <span className="font-semibold text-brick">, {late} late</span>}
        </span>
      </button>
      {open && children}
    </section>
  );
};
