import { Outlet } from 'react-router';
import { useMe } from '../data/workspace.ts';
import { Empty } from '../ui/message.tsx';

/** Set-up is for set-up people; the server refuses the others anyway, this only says so before they type. */
export const SetUpOnly = () => (useMe().setup ? <Outlet /> : <Empty title="Only set-up people work here." />);
