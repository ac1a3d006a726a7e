import { Outlet } from 'react-router';
import type { SetUpRight } from '#core/access/index.ts';
import { useMe } from '../data/workspace.ts';
import { Empty } from '../ui/message.tsx';

/** Set-up is for who has the right to it; the server refuses the others anyway, this only says so before they type. */
export const SetUpOnly = ({ right }: { right: SetUpRight }) =>
  useMe().sets_up.includes(right) ? <Outlet /> : <Empty title="Only set-up people work here." />;
