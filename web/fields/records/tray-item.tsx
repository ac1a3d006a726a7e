import { NavLink } from 'react-router';
import type { InTray } from '#contract/index.ts';
import { localDate, showDate, today } from '#core/base/index.ts';
import { clockFor, type KnownWorkspace, useWorkspace } from '../../data/workspace.ts';
import { StageStamp, TabMark } from '../../ui/marks.tsx';

export type TrayEntry = InTray['items'][number];

/** What one thing is known by in the tray: a sign-off may wait for somebody at two of its steps. */
export const entryKey = ({ sign_off: id, step, kind }: TrayEntry): string => `${id} ${step} ${kind}`;

/** Where an entry leads: beside the tray, to the form that mends it, or to the record itself. */
export const entryPath = (item: TrayEntry): string => {
  if (item.kind === 'mend' && item.form) return `/forms/${item.form}?record=${item.record}`;
  if (item.kind === 'sent') return `/registers/${item.register}/${item.record}`;
  return `/in-tray/${item.sign_off}`;
};

const DAY_MS = 86_400_000;
const daysBetween = (one: string, other: string): number => Math.round((Date.parse(other) - Date.parse(one)) / DAY_MS);

/** By when it is due, in few words: "2 days late", "due today", "due 24 Nov 2026". */
export const sayDue = ({ due, late }: TrayEntry, workspace: KnownWorkspace): string => {
  if (due === null) return '';
  const now = today(clockFor(workspace));
  const on = localDate(due, workspace.zone);
  const days = daysBetween(on, now);
  if (late) return days <= 1 ? '1 day late' : `${days} days late`;
  return days === 0 ? 'due today' : `due ${showDate(on, workspace.locale)}`;
};

const sayWaits = ({ at }: TrayEntry, workspace: KnownWorkspace): string => {
  const days = daysBetween(localDate(at, workspace.zone), today(clockFor(workspace)));
  return days <= 0 ? 'since today' : days === 1 ? 'waits 1 day' : `waits ${days} days`;
};

/** One thing that waits, in a line or two. */
export const TrayItem = ({ item }: { item: TrayEntry }) => {
  const { workspace, catalogue } = useWorkspace();
  const register = catalogue.registers.get(item.register);
  const mend = item.kind === 'mend';
  const due = sayDue(item, workspace);
  const from =
    item.kind === 'sent' ? (item.waits_for === '' ? '' : `waits for ${item.waits_for}`) : `from ${item.from}`;
  return (
    <NavLink
      to={entryPath(item)}
      className="tray-item block border-l-4 border-transparent px-3 py-2.5 hover:bg-iolite-wash [&.active]:border-iolite [&.active]:bg-sheet"
    >
      <span className="flex items-baseline gap-2">
        <span className="min-w-0 font-semibold">{item.title}</span>
        <span className="ml-auto tabular-nums whitespace-nowrap">{item.amount}</span>
      </span>
      <span className="flex flex-wrap items-center gap-x-2 text-[13px] text-ink-2">
        {register ? (
          <TabMark mark={register.mark} name={register.plural} />
        ) : (
          <span className="font-mono text-xs">{item.number}</span>
        )}
        <span>{[from, item.kind === 'sign' ? sayWaits(item, workspace) : ''].filter(Boolean).join(', ')}</span>
        {item.changed && item.kind === 'sign' && <span className="text-straw">changed since signed</span>}
        <span className={`ml-auto whitespace-nowrap ${item.late ? 'font-semibold text-brick' : ''}`}>
          {mend || item.kind === 'sent' ? <StageStamp stage={item.stage} /> : due}
        </span>
      </span>
      {mend && <span className="block text-ink-2">“{item.why}”</span>}
    </NavLink>
  );
};
