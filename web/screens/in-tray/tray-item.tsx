import { NavLink } from 'react-router';
import type { InTray } from '#contract/index.ts';
import { showMoment } from '#core/base/index.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { StageStamp } from '../../ui/marks.tsx';

export type TrayEntry = InTray['items'][number];

/** One thing that waits, in a line or two; opens beside the tray, or as the form it came by. */
export const TrayItem = ({ item }: { item: TrayEntry }) => {
  const { workspace } = useWorkspace();
  const [day] = showMoment(item.at, workspace.zone, workspace.locale).split(',');
  const mend = item.kind === 'mend';
  return (
    <NavLink
      to={mend && item.form ? `/forms/${item.form}?record=${item.record}` : `/in-tray/${item.sign_off}`}
      className="tray-item block border-l-4 border-transparent px-3 py-2.5 hover:bg-iolite-wash [&.active]:border-iolite [&.active]:bg-sheet"
    >
      <span className="flex items-baseline gap-2">
        <span className="font-semibold">{item.title}</span>
        <span className="ml-auto text-xs text-ink-2">{day}</span>
      </span>
      <span className="flex items-baseline gap-2 text-ink-2">
        <span className="font-mono text-xs">{item.number}</span>
        <span>from {item.from}</span>
        {mend && <StageStamp stage="sent_back" />}
      </span>
      <span className="block text-ink-2">{mend ? `“${item.why}”` : item.why}</span>
    </NavLink>
  );
};
