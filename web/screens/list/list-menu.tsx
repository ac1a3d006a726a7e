import { Popover, PopoverButton, PopoverPanel } from '@headlessui/react';
import { Ellipsis } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Register } from '#core/register/index.ts';
import type { ListAddress } from '../../data/queries.ts';
import { useMe, useWorkspace } from '../../data/workspace.ts';
import { ImportDialog } from './import-dialog.tsx';

interface Props {
  readonly register: Register;
  readonly address: ListAddress;
  readonly onArchived: (archived: 'yes' | null) => void;
}

/** What can be done with a whole list: taken out as CSV, filled from CSV, what was archived looked at. */
export const ListMenu = ({ register, address, onArchived }: Props) => {
  const { workspace } = useWorkspace();
  const me = useMe();
  const [importing, setImporting] = useState(false);
  const rights = workspace.rights[register.key];
  const { filter, find, sort } = address;
  const csv = `/api/registers/${register.key}/records.csv?${new URLSearchParams({ filter, find, sort })}`;
  return (
    <>
      <Popover className="relative">
        <PopoverButton className="btn" aria-label="More for this list">
          <Ellipsis size={16} aria-hidden="true" />
        </PopoverButton>
        <PopoverPanel anchor={{ to: 'bottom end', gap: 4 }} className="slip w-64">
          {({ close }) => (
            <ul>
              {rights?.export && (
                <li>
                  <a className="slip-row" href={csv} download onClick={() => close()}>
                    Save this list as CSV
                  </a>
                </li>
              )}
              {(rights?.add || rights?.change) && (
                <li>
                  <button
                    type="button"
                    className="slip-row"
                    onClick={() => {
                      setImporting(true);
                      close();
                    }}
                  >
                    Bring a CSV file in …
                  </button>
                </li>
              )}
              <li>
                <button
                  type="button"
                  className="slip-row"
                  onClick={() => {
                    onArchived(address.archived === 'yes' ? null : 'yes');
                    close();
                  }}
                >
                  {address.archived === 'yes' ? 'Show what is current' : 'Show what was archived'}
                </button>
              </li>
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
      {importing && <ImportDialog register={register} onClose={() => setImporting(false)} />}
    </>
  );
};
