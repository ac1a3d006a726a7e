import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { KeptListAnswer } from '#contract/index.ts';
import type { Register } from '#core/register/index.ts';
import { addressOfAll, addressOfList } from '../../data/list-address.ts';
import { queries } from '../../data/queries.ts';
import { useWorkspace } from '../../data/workspace.ts';

interface Props {
  readonly register: Register;
  readonly lists: readonly KeptListAnswer[];
  /** The key of the list that is open; null: all records. */
  readonly open: string | null;
}

/** The lists of a register side by side, after all of its records. */
export const ListTabs = ({ register, lists, open }: Props) => (
  <nav
    aria-label={`Lists of ${register.plural}`}
    className="flex shrink-0 gap-1 overflow-x-auto bg-paper px-4 pt-1 shadow-[inset_0_-1px_0_var(--rule-strong)] print:hidden"
  >
    <Tab to={addressOfAll(register.key)} isOpen={open === null}>
      All {register.plural.toLowerCase()}
    </Tab>
    {lists.map((each) => (
      <Tab key={each.list.key} to={addressOfList(each)} isOpen={each.list.key === open}>
        {each.list.label}
        {each.own && <span className="sr-only">, only yours</span>}
        {each.list.counted && <Count of={each} />}
      </Tab>
    ))}
  </nav>
);

const Tab = ({ to, isOpen, children }: { to: string; isOpen: boolean; children: React.ReactNode }) => (
  <Link
    to={to}
    aria-current={isOpen ? 'page' : undefined}
    className={`flex items-baseline gap-1.5 whitespace-nowrap rounded-t-[4px] border px-3 py-1.5 font-semibold ${
      isOpen ? 'border-rule-strong border-b-sheet bg-sheet' : 'border-transparent text-ink-2 hover:bg-iolite-wash'
    }`}
  >
    {children}
  </Link>
);

/** How many records a list holds, kept right as others save. */
const Count = ({ of: { list } }: { of: KeptListAnswer }) => {
  const { workspace } = useWorkspace();
  const { data } = useQuery(queries.listCount(list.register, list.view));
  if (data === undefined) return null;
  return (
    <span className="text-[12.5px] font-normal text-ink-2">
      <span className="sr-only">, records: </span>
      {data.more && 'over '}
      {data.count.toLocaleString(workspace.locale)}
    </span>
  );
};
