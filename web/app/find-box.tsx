import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/react';
import { useQueries, useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import type { FoundEverywhere } from '#contract/index.ts';
import { findWords, sayCell } from '#core/list/index.ts';
import { besideFields, type Register } from '#core/register/index.ts';
import { addressOfList } from '../data/list-address.ts';
import { queries } from '../data/queries.ts';
import { useMe, useWorkspace } from '../data/workspace.ts';
import { type LookedAt, lookedAt } from '../state/recent.ts';
import { Found } from '../ui/found.tsx';
import { TabMark } from '../ui/marks.tsx';

/** How long nobody types before it is asked. */
const PAUSE_MS = 150;

/** Where one of the finds leads. */
interface Way {
  readonly to: string;
}

/** One box over all that a person may see: records, forms and lists. Alt+W puts the focus there. */
export const FindBox = () => {
  const navigate = useNavigate();
  const [typed, setTyped] = useState('');
  const [asked, setAsked] = useState('');
  const me = useMe();
  const [looked, setLooked] = useState<readonly LookedAt[]>([]);
  const box = useRef<HTMLInputElement>(null);
  useEffect(() => {
    const timer = setTimeout(() => setAsked(typed.trim()), PAUSE_MS);
    return () => clearTimeout(timer);
  }, [typed]);
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (event.code !== 'KeyW' || !event.altKey || event.ctrlKey || event.metaKey || event.shiftKey) return;
      event.preventDefault();
      box.current?.select();
      box.current?.focus();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  const { data } = useQuery({ ...queries.found(asked), enabled: asked !== '' });
  return (
    <div className="relative min-w-0 max-w-104 grow max-sm:order-last max-sm:max-w-none max-sm:basis-full">
      <Combobox<Way | null>
        value={null}
        immediate
        onChange={(way) => {
          if (!way) return;
          setTyped('');
          navigate(way.to);
          box.current?.blur();
        }}
      >
        <ComboboxInput
          ref={box}
          type="search"
          className="box pr-18"
          aria-label="Find everywhere"
          aria-keyshortcuts="Alt+W"
          autoComplete="off"
          placeholder="Find a record, form or list"
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
          onFocus={() => setLooked(lookedAt(me.id))}
        />
        <kbd className="key pointer-events-none absolute top-2 right-2.5 max-sm:hidden">Alt W</kbd>
        {typed.trim() !== '' && data && (
          <ComboboxOptions modal={false} className="slip absolute top-full left-0 mt-1 max-h-[70vh]! w-full min-w-88">
            <Finds found={data} words={asked} />
          </ComboboxOptions>
        )}
        {typed.trim() === '' && looked.length > 0 && (
          <ComboboxOptions modal={false} className="slip absolute top-full left-0 mt-1 max-h-[70vh]! w-full min-w-88">
            <LastLookedAt looked={looked} />
          </ComboboxOptions>
        )}
      </Combobox>
    </div>
  );
};

const Finds = ({ found, words }: { found: FoundEverywhere; words: string }) => {
  const { catalogue } = useWorkspace();
  const folded = findWords(words);
  const { registers, forms, lists } = found;
  if (registers.length + forms.length + lists.length === 0)
    return <p className="px-2 py-1 text-ink-2">Nothing holds “{words}”.</p>;
  return (
    <>
      {registers.map(({ key, records, more }) => {
        const register = catalogue.registers.get(key);
        if (!register) return null;
        const all = `/registers/${key}?${new URLSearchParams({ list: '', find: words })}`;
        return (
          <Group key={key} register={register} title={register.plural}>
            {records.map((record) => (
              <Option key={record.id} to={`/registers/${key}/${record.id}`}>
                <span className="min-w-0 grow truncate">
                  <Found text={record.title} words={folded} />
                  {besideFields(register).map((field) => {
                    const says = sayCell(field, record, catalogue);
                    return (
                      says !== '' && (
                        <span key={field.key} className="ml-2 text-ink-2">
                          <Found text={says} words={folded} />
                        </span>
                      )
                    );
                  })}
                </span>
                <span className="shrink-0 font-mono text-xs text-ink-2">
                  <Found text={record.number} words={folded} />
                </span>
              </Option>
            ))}
            {more && (
              <Option to={all}>
                <span className="text-ink-2">and more {register.plural.toLowerCase()} …</span>
              </Option>
            )}
          </Group>
        );
      })}
      {forms.length > 0 && (
        <Group title="Forms">
          {forms.map(({ key, label }) => (
            <Option key={key} to={`/forms/${key}`}>
              <Found text={label} words={folded} />
            </Option>
          ))}
        </Group>
      )}
      {lists.length > 0 && (
        <Group title="Lists">
          {lists.map((each) => (
            <Option key={each.list.key} to={addressOfList(each)}>
              <span className="grow">
                <Found text={each.list.label} words={folded} />
              </span>
              <span className="text-ink-2">{catalogue.registers.get(each.list.register)?.plural}</span>
            </Option>
          ))}
        </Group>
      )}
    </>
  );
};

/** The records this person looked at last, as far as they still see them. */
const LastLookedAt = ({ looked }: { looked: readonly LookedAt[] }) => {
  const { catalogue } = useWorkspace();
  const keys = [...new Set(looked.map(({ register }) => register))].filter((key) => catalogue.registers.has(key));
  const found = useQueries({
    queries: keys.map((key) =>
      queries.some(
        key,
        looked.filter(({ register }) => register === key).map(({ id }) => id),
      ),
    ),
  });
  const records = new Map(found.flatMap(({ data }) => (data ?? []).map((record) => [record.id, record] as const)));
  const shown = looked.flatMap((each) => {
    const [record, register] = [records.get(each.id), catalogue.registers.get(each.register)];
    return record && register ? [{ record, register }] : [];
  });
  if (shown.length === 0) return null;
  return (
    <Group title="Last looked at">
      {shown.map(({ record, register }) => (
        <Option key={record.id} to={`/registers/${register.key}/${record.id}`}>
          <TabMark mark={register.mark} name={register.plural} />
          <span className="min-w-0 grow truncate">{record.title}</span>
          <span className="shrink-0 font-mono text-xs text-ink-2">{record.number}</span>
        </Option>
      ))}
    </Group>
  );
};

interface GroupProps {
  readonly register?: Register;
  readonly title: string;
  readonly children: React.ReactNode;
}

const Group = ({ register, title, children }: GroupProps) => (
  // biome-ignore lint/a11y/useSemanticElements: inside a list box a group is no fieldset
  <div role="group" aria-label={title}>
    <div aria-hidden="true" className="flex items-center gap-2 px-2 pt-2 pb-0.5 text-xs font-semibold text-ink-2">
      {register && <TabMark mark={register.mark} name="" />}
      {title}
    </div>
    {children}
  </div>
);

const Option = ({ to, children }: Way & { children: React.ReactNode }) => (
  <ComboboxOption value={{ to }} className="slip-row">
    {children}
  </ComboboxOption>
);
