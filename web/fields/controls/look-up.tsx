import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/react';
import { useQuery } from '@tanstack/react-query';
import { ExternalLink } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import type { Linked } from '#contract/index.ts';
import { foldText } from '#core/base/index.ts';
import { plainFormKey } from '#core/form/index.ts';
import { askLookUp, type Offered, queries } from '../../data/queries.ts';
import { useMe, useWorkspace } from '../../data/workspace.ts';
import { noteChosen, recentOf } from '../../state/recent.ts';
import { Found } from '../../ui/found.tsx';
import { TabMark } from '../../ui/marks.tsx';
import type { Asked, Target } from './control.ts';

// Fetched when one of them is opened.
const BrowseDialog = lazy(async () => ({ default: (await import('./look-up-dialogs.tsx')).BrowseDialog }));
const AddInPlace = lazy(async () => ({ default: (await import('./look-up-dialogs.tsx')).AddInPlace }));
const BesideDialog = lazy(async () => ({ default: (await import('./look-up-dialogs.tsx')).BesideDialog }));

interface Props {
  readonly id: string;
  readonly label: string;
  readonly asked: Asked;
  readonly register: Target;
  readonly chosen: Linked | null;
  /** What is chosen is not there yet: it is made along with the entry. */
  readonly isNew: boolean;
  readonly filled: boolean;
  readonly describedBy: string | undefined;
  readonly invalid: boolean;
  /** In a cell there is room for the name alone. */
  readonly compact: boolean;
  readonly onChoose: (offered: Offered | null) => void;
  /** A new record was chosen, by what was typed; null where the form offers none. */
  readonly onNew: ((called: string) => void) | null;
  readonly onLeave: () => void;
}

/** Whether what is shown of a record has all the words typed. */
const shows = ({ title, number, beside }: Offered, find: string): boolean => {
  const text = foldText([title, number, ...beside].join(' '));
  return foldText(find)
    .split(' ')
    .every((word) => text.includes(word));
};

/** What is offered: what was used last while nothing is typed, then what is found. */
const useOffers = ({ form, question, draft, answers }: Asked, register: Target, find: string) => {
  const me = useMe();
  const recent = register.key === null ? [] : recentOf(me.id, register.key);
  const first = useQuery({
    ...queries.lookUp(form, question, { draft, answers, only: recent }),
    enabled: find === '' && recent.length > 0,
  });
  const { data, isPlaceholderData } = useQuery(queries.lookUp(form, question, { find, draft, answers }));
  const used = find === '' && recent.length > 0 ? (first.data?.found ?? []) : [];
  // What was found for fewer letters stays until the answer comes, as far as it can still be meant: Enter takes the first.
  const still = (data?.found ?? []).filter((each) => !isPlaceholderData || shows(each, find));
  const others = still.filter((each) => !used.some(({ id }) => id === each.id));
  return { used, others, none: data?.found.length === 0, meant: isPlaceholderData ? null : (data?.meant ?? null) };
};

/** What one does besides choosing: the rows below what is found. */
type More = 'browse' | 'add' | 'new';

/** Type part of a name, choose with the arrows and Enter. What is chosen is shown with its register's tab mark. */
export const LookUp = ({
  id,
  label,
  asked,
  register,
  chosen,
  isNew,
  filled,
  describedBy,
  invalid,
  compact,
  onChoose,
  onNew,
  onLeave,
}: Props) => {
  const [typed, setTyped] = useState('');
  const [open, setOpen] = useState<Exclude<More, 'new'> | 'beside' | null>(null);
  const me = useMe();
  const { workspace } = useWorkspace();
  const { used, others, none, meant } = useOffers(asked, register, typed.trim());
  const words = foldText(meant ?? typed)
    .split(' ')
    .filter(Boolean);
  const rights = register.key === null ? undefined : workspace.rights[register.key];
  const adding = workspace.forms.find(
    (each) => each.may_fill && each.form.register === register.key && each.form.purpose !== 'change',
  );
  const addBy = adding?.form.key ?? (rights?.add && register.key !== null ? plainFormKey(register.key) : null);
  const take = (offered: Offered | null): void => {
    setTyped('');
    if (offered && register.key !== null) noteChosen(me.id, register.key, offered.id);
    onChoose(offered);
  };
  const takeNew = async (record: string): Promise<void> => {
    setOpen(null);
    const { form, question, draft, answers } = asked;
    const { found } = await askLookUp(form, question, { draft, answers, only: [record] });
    if (found[0]) take(found[0]);
  };
  const row = (offered: Offered) => (
    <ComboboxOption key={offered.id} value={offered} className="slip-row">
      <span className="grow">
        <Found text={offered.title} words={words} />
        {offered.beside.length > 0 && <span className="text-ink-2"> · {offered.beside.join(' · ')}</span>}
      </span>
      <span className="font-mono text-xs text-ink-2">{offered.number}</span>
    </ComboboxOption>
  );
  return (
    <>
      <Combobox<Offered | More | null>
        value={null}
        onChange={(picked) => {
          if (picked === 'new') {
            setTyped('');
            onNew?.(typed.trim());
          } else if (picked === 'browse' || picked === 'add') setOpen(picked);
          else take(picked);
        }}
      >
        <div className="relative">
          {register.mark !== null && (
            <span className="pointer-events-none absolute left-2 top-1/2 -translate-y-1/2">
              <TabMark mark={register.mark} name={register.plural} />
            </span>
          )}
          <ComboboxInput
            id={id}
            className={`box ${register.mark === null ? '' : 'pl-13'} ${chosen && !compact ? 'pr-32' : ''} ${filled ? 'box-filled' : ''}`}
            autoComplete="off"
            aria-describedby={describedBy}
            aria-invalid={invalid}
            placeholder={`Part of a name or number`}
            displayValue={() => chosen?.title ?? ''}
            onChange={(event) => {
              setTyped(event.target.value);
              if (event.target.value === '' && chosen) onChoose(null);
            }}
            onBlur={() => {
              setTyped('');
              onLeave();
            }}
          />
          {chosen && !compact && (
            <span className="pointer-events-none absolute right-9 top-1/2 -translate-y-1/2 font-mono text-xs text-ink-2">
              {chosen.number}
            </span>
          )}
          {chosen && !compact && !isNew && rights?.see && (
            <button
              type="button"
              className="btn btn-quiet absolute right-1 top-1/2 min-h-7! -translate-y-1/2 px-1.5!"
              aria-label={`${label}: look at ${chosen.title}`}
              onClick={() => setOpen('beside')}
            >
              <ExternalLink size={15} aria-hidden="true" />
            </button>
          )}
        </div>
        <ComboboxOptions
          modal={false}
          anchor={{ to: 'bottom start', gap: 2 }}
          className="slip w-(--input-width) empty:hidden"
        >
          {used.length > 0 && <p className="px-2 pt-1 text-xs text-ink-2">Used last</p>}
          {used.map(row)}
          {used.length > 0 && others.length > 0 && <hr className="my-1 border-rule" />}
          {meant !== null && (
            <p className="px-2 py-1 text-ink-2" role="status">
              Nothing is called “{typed.trim()}”. By “{meant}”:
            </p>
          )}
          {others.map(row)}
          {none && used.length === 0 && <p className="px-2 py-1 text-ink-2">Nothing found in {register.plural}.</p>}
          {onNew && (
            <ComboboxOption value="new" className="slip-row border-t border-rule text-iolite-deep">
              {typed.trim() === ''
                ? `A new ${register.singular.toLowerCase()} …`
                : `“${typed.trim()}”, a new ${register.singular.toLowerCase()}`}
            </ComboboxOption>
          )}
          {register.key !== null && (
            <ComboboxOption value="browse" className="slip-row border-t border-rule text-iolite-deep">
              Browse all {register.plural} …
            </ComboboxOption>
          )}
          {addBy !== null && !onNew && (
            <ComboboxOption value="add" className="slip-row text-iolite-deep">
              Add a new {register.singular.toLowerCase()} …
            </ComboboxOption>
          )}
        </ComboboxOptions>
      </Combobox>
      <Suspense>
        {open === 'browse' && (
          <BrowseDialog
            asked={asked}
            register={register}
            onClose={() => setOpen(null)}
            onChoose={(offered) => {
              setOpen(null);
              take(offered);
            }}
          />
        )}
        {open === 'add' && addBy !== null && (
          <AddInPlace form={addBy} onClose={() => setOpen(null)} onStored={(record) => void takeNew(record)} />
        )}
        {open === 'beside' && chosen && register.key !== null && (
          <BesideDialog register={register.key} id={chosen.id} onClose={() => setOpen(null)} />
        )}
      </Suspense>
    </>
  );
};
