import { useMutation } from '@tanstack/react-query';
import { ArrowDown, ArrowUp } from 'lucide-react';
import { useRef, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { toKey } from '#core/base/index.ts';
import type { ChoiceList } from '#core/register/index.ts';
import {
  behaviourOf,
  CHOICE_COLOURS,
  CHOICE_ICONS,
  type Choice,
  type ChoiceColour,
  type ChoiceIcon,
  type ValueContext,
} from '#core/values/index.ts';
import { call } from '../../data/client.ts';
import { queryClient } from '../../data/queries.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { CarryOutPlan } from '../../ui/carry-out-plan.tsx';
import { ChoicePicture } from '../../ui/choice.tsx';
import { Empty, Problems } from '../../ui/message.tsx';
import { Part, PickOne } from '../../ui/part.tsx';

/** A choice list: its choices in order, what each says besides its label, and which are not offered any more. */
export const ChoiceListScreen = () => {
  const { key = '' } = useParams();
  const { workspace } = useWorkspace();
  const existing = workspace.choice_lists.find((list) => list.key === key);
  if (key !== 'new' && !existing) return <Empty title="There is no such choice list." />;
  const start: ChoiceList = existing ?? { key: '', label: '', columns: [], choices: [{ code: '', label: '' }] };
  return <Editor key={`${key} ${workspace.version}`} start={start} />;
};

/** Codes for the choices that have none yet. */
const withCodes = (list: ChoiceList, lists: ReadonlySet<string>): ChoiceList => {
  const taken = new Set(list.choices.map((choice) => choice.code));
  const choices = list.choices
    .filter((choice) => choice.label.trim() !== '')
    .map((choice) => {
      if (choice.code !== '') return choice;
      const code = toKey(choice.label, taken);
      taken.add(code);
      return { ...choice, code };
    });
  return { ...list, key: list.key || toKey(list.label, lists), choices };
};

const Editor = ({ start }: { start: ChoiceList }) => {
  const { workspace, catalogue } = useWorkspace();
  const [list, setList] = useState(start);
  const navigate = useNavigate();
  const place = useRef<HTMLOListElement>(null);
  const changes = {
    version: workspace.version,
    choice_lists: [withCodes(list, new Set(catalogue.choiceLists.keys()))],
  };
  const rehearse = useMutation({ mutationFn: () => call('rehearse', { body: changes }) });
  const carryOut = useMutation({
    mutationFn: () => call('carryOut', { body: changes }),
    onSuccess: async () => {
      await queryClient.invalidateQueries({ queryKey: ['workspace'] });
      navigate('/set-up/choice-lists');
    },
  });
  const put = (next: Partial<ChoiceList>): void => {
    setList((before) => ({ ...before, ...next }));
    rehearse.reset();
    carryOut.reset();
  };
  const putChoice = (at: number, next: Choice): void => put({ choices: list.choices.with(at, next) });
  const move = (at: number, by: 1 | -1): void => {
    const choice = list.choices[at];
    if (choice && list.choices[at + by]) put({ choices: list.choices.toSpliced(at, 1).toSpliced(at + by, 0, choice) });
  };
  const add = (): void => {
    put({ choices: [...list.choices, { code: '', label: '' }] });
    requestAnimationFrame(() => place.current?.querySelector<HTMLElement>('li:last-child input')?.focus());
  };
  const parent = workspace.choice_lists.find((each) => each.key === list.parent);
  const context: ValueContext = {
    locale: workspace.locale,
    zone: workspace.zone,
    currency: workspace.currency,
    choices: (key) => catalogue.choiceLists.get(key)?.choices ?? [],
  };
  return (
    <div className="overflow-auto p-6">
      <header className="flex items-center gap-3">
        <h1>{list.label || 'New choice list'}</h1>
        <Link className="btn btn-quiet ml-auto" to="/set-up/choice-lists">
          All choice lists
        </Link>
      </header>
      <form
        className="mt-4 max-w-4xl"
        onSubmit={(event) => {
          event.preventDefault();
          rehearse.mutate();
        }}
      >
        <label className="grid max-w-md gap-1 font-semibold">
          Name of the list
          <input
            className="box font-normal"
            value={list.label}
            maxLength={80}
            onChange={(event) => put({ label: event.target.value })}
          />
        </label>
        <p className="mt-3 text-ink-2">
          Each belongs to a choice of{' '}
          <Part text={parent?.label ?? 'no other list'} what="parent list">
            {(close) => (
              <PickOne
                options={[
                  { value: '', label: 'no other list' },
                  ...workspace.choice_lists
                    .filter((each) => each.key !== list.key)
                    .map((each) => ({ value: each.key, label: each.label })),
                ]}
                chosen={list.parent ?? ''}
                onPick={(key) => {
                  put({ parent: key === '' ? undefined : key });
                  close();
                }}
              />
            )}
          </Part>
          {list.columns.length > 0 && (
            <>, and says its {list.columns.map((column) => column.label.toLowerCase()).join(' and ')}</>
          )}
          .{' '}
          <Part text="give them a column of their own" what="columns">
            {(close) => (
              <ColumnEditor
                taken={new Set(list.columns.map((column) => column.key))}
                currency={workspace.currency}
                onColumn={(column) => {
                  put({ columns: [...list.columns, column] });
                  close();
                }}
              />
            )}
          </Part>
        </p>
        <h2 className="head-rule mt-5">Choices</h2>
        <ol ref={place}>
          {list.choices.map((choice, at) => (
            <li
              // biome-ignore lint/suspicious/noArrayIndexKey: a new choice has nothing else it is known by until it is stored
              key={at}
              className={`ruled flex flex-wrap items-center gap-2 py-1.5 ${choice.retired ? 'text-ink-3' : ''}`}
            >
              <input
                className="min-h-8 w-56 border-b border-transparent bg-transparent px-1.5 font-semibold hover:border-edge"
                aria-label={`Label of choice ${at + 1}`}
                value={choice.label}
                maxLength={80}
                placeholder="Label"
                onChange={(event) => putChoice(at, { ...choice, label: event.target.value })}
                onKeyDown={(event) => {
                  if (event.key !== 'Enter') return;
                  event.preventDefault();
                  add();
                }}
              />
              {parent && (
                <span className="text-ink-2">
                  of{' '}
                  <Part
                    text={parent.choices.find((each) => each.code === choice.parent)?.label ?? '…'}
                    what={`parent of choice ${at + 1}`}
                  >
                    {(close) => (
                      <PickOne
                        options={parent.choices.map((each) => ({ value: each.code, label: each.label }))}
                        chosen={choice.parent ?? null}
                        onPick={(code) => {
                          putChoice(at, { ...choice, parent: code });
                          close();
                        }}
                      />
                    )}
                  </Part>
                </span>
              )}
              {list.columns.map((column) => (
                <span key={column.key} className="flex items-center gap-1.5 text-ink-2">
                  {column.label.toLowerCase()}
                  <ExtraBox
                    label={`${column.label} of choice ${at + 1}`}
                    text={behaviourOf(column.type).edit(choice.extra?.[column.key] ?? null, context)}
                    read={(text) => {
                      const read = behaviourOf(column.type).parse(text, context);
                      if (!read.ok) return read.problems[0]?.detail ?? '';
                      const { value } = read;
                      putChoice(at, {
                        ...choice,
                        extra: { ...choice.extra, [column.key]: typeof value === 'object' ? null : value },
                      });
                      return '';
                    }}
                  />
                </span>
              ))}
              <ChoicePicture icon={choice.icon} />
              <Part text={choice.icon ?? 'no picture'} what={`picture of choice ${at + 1}`}>
                {(close) => (
                  <PickOne<ChoiceIcon | 'none'>
                    options={[
                      { value: 'none', label: 'no picture' },
                      ...CHOICE_ICONS.map((icon) => ({ value: icon, label: icon })),
                    ]}
                    chosen={choice.icon ?? 'none'}
                    onPick={(icon) => {
                      putChoice(at, { ...choice, icon: icon === 'none' ? undefined : icon });
                      close();
                    }}
                  />
                )}
              </Part>
              <Part text={choice.colour ?? 'no colour'} what={`colour of choice ${at + 1}`}>
                {(close) => (
                  <PickOne<ChoiceColour>
                    options={CHOICE_COLOURS.map((colour) => ({ value: colour, label: colour }))}
                    chosen={choice.colour ?? null}
                    onPick={(colour) => {
                      putChoice(at, { ...choice, colour });
                      close();
                    }}
                  />
                )}
              </Part>
              <span className="ml-auto flex items-center gap-1">
                <button
                  type="button"
                  className="part"
                  aria-pressed={choice.retired ?? false}
                  onClick={() => putChoice(at, { ...choice, retired: !choice.retired })}
                >
                  {choice.retired ? 'not offered any more' : 'offered'}
                </button>
                <button
                  type="button"
                  className="btn btn-quiet px-1.5!"
                  aria-label={`Move choice ${at + 1} up`}
                  disabled={at === 0}
                  onClick={() => move(at, -1)}
                >
                  <ArrowUp size={15} aria-hidden="true" />
                </button>
                <button
                  type="button"
                  className="btn btn-quiet px-1.5!"
                  aria-label={`Move choice ${at + 1} down`}
                  disabled={at === list.choices.length - 1}
                  onClick={() => move(at, 1)}
                >
                  <ArrowDown size={15} aria-hidden="true" />
                </button>
              </span>
            </li>
          ))}
        </ol>
        <div className="mt-3 flex gap-3">
          <button type="button" className="btn" onClick={add}>
            Add a choice
          </button>
          <button type="submit" className="btn btn-go" disabled={rehearse.isPending || list.label.trim() === ''}>
            Rehearse
          </button>
        </div>
        <Problems error={rehearse.error ?? carryOut.error} />
        {rehearse.data && (
          <CarryOutPlan plan={rehearse.data} busy={carryOut.isPending} onCarryOut={() => carryOut.mutate()} />
        )}
      </form>
    </div>
  );
};

/** A value in a list's own column: read as it is left, and told where it cannot be. */
const ExtraBox = ({ label, text, read }: { label: string; text: string; read: (text: string) => string }) => {
  const [wrong, setWrong] = useState('');
  return (
    <>
      <input
        className="box w-24"
        aria-label={label}
        aria-invalid={wrong !== ''}
        defaultValue={text}
        onBlur={(event) => setWrong(read(event.target.value))}
      />
      {wrong !== '' && <span className="wrong">{wrong}</span>}
    </>
  );
};

type Column = ChoiceList['columns'][number];

const ColumnEditor = ({
  taken,
  currency,
  onColumn,
}: {
  taken: ReadonlySet<string>;
  currency: string;
  onColumn: (column: Column) => void;
}) => {
  const [label, setLabel] = useState('');
  const types: readonly { readonly value: string; readonly label: string; readonly type: Column['type'] }[] = [
    { value: 'percent', label: 'percent', type: { kind: 'percent', decimals: 2 } },
    { value: 'number', label: 'number', type: { kind: 'number', decimals: 2 } },
    { value: 'money', label: `money in ${currency}`, type: { kind: 'money', currency } },
    { value: 'text', label: 'text', type: { kind: 'text' } },
  ];
  return (
    <div className="grid gap-2">
      <label className="grid gap-1 font-semibold">
        Name of the column
        <input
          className="box font-normal"
          value={label}
          maxLength={80}
          onChange={(event) => setLabel(event.target.value)}
        />
      </label>
      <PickOne
        options={types}
        chosen={null}
        onPick={(value) => {
          const type = types.find((each) => each.value === value)?.type;
          if (type && label.trim() !== '') onColumn({ key: toKey(label, taken), label: label.trim(), type });
        }}
      />
    </div>
  );
};
