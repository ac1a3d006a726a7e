import { useMutation } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { z } from 'zod';
import { toKey } from '#core/base/index.ts';
import type { ChoiceList } from '#core/register/index.ts';
import type { Choice, ValueContext } from '#core/values/index.ts';
import { call } from '../../data/client.ts';
import { readAnew } from '../../data/read-anew.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { CarryOutPlan } from '../../fields/set-up/carry-out-plan.tsx';
import { Empty } from '../../ui/message.tsx';
import { Part, PickOne } from '../../ui/part.tsx';
import { SetUpProblems } from '../../ui/set-up-problems.tsx';
import { EditingNotice, UndoButtons, useEditing } from '../../ui/undo.tsx';
import { ChoiceLine } from './choice-line.tsx';
import { ColumnEditor } from './column-editor.tsx';

/** A choice list: its choices in order, what each says besides its label, and which are not offered any more. */
export const ChoiceListScreen = () => {
  const { key = '' } = useParams();
  const { workspace } = useWorkspace();
  const existing = workspace.choice_lists.find((list) => list.key === key);
  if (key !== 'new' && !existing) return <Empty title="There is no such choice list." />;
  const start: ChoiceList = existing ?? { key: '', label: '', columns: [], choices: [{ code: '', label: '' }] };
  return <Editor key={`${key} ${workspace.version}`} start={start} />;
};

/** A list as it was kept on this device: ours, or nothing; choices that are being written have no code yet. */
const choiceListDraftSchema = z.custom<ChoiceList>(
  (value) =>
    z
      .object({
        key: z.string(),
        label: z.string(),
        columns: z.array(z.object({ key: z.string() })),
        choices: z.array(z.object({ code: z.string(), label: z.string() })),
      })
      .safeParse(value).success,
);

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
  const editing = useEditing(start, {
    as: `choice list ${start.key || 'new'}`,
    base: JSON.stringify(start),
    schema: choiceListDraftSchema,
  });
  const { now: list } = editing;
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
      editing.settle(JSON.stringify(list));
      await readAnew('workspace');
      navigate('/set-up/choice-lists');
    },
  });
  // What was rehearsed is not what would be carried out any more.
  const { reset: unrehearse } = rehearse;
  const { reset: untell } = carryOut;
  useEffect(() => {
    if (list === start) return;
    unrehearse();
    untell();
  }, [list, start, unrehearse, untell]);
  const put = (next: Partial<ChoiceList>, place?: string): void =>
    editing.edit((before) => ({ ...before, ...next }), place);
  const putChoice = (at: number, next: Choice, place?: string): void =>
    put({ choices: list.choices.with(at, next) }, place && `${place} ${at}`);
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
        <span className="ml-auto">
          <UndoButtons editing={editing} />
        </span>
        <Link className="btn btn-quiet" to="/set-up/choice-lists">
          All choice lists
        </Link>
      </header>
      <EditingNotice editing={editing} />
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
            onChange={(event) => put({ label: event.target.value }, 'label')}
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
            <ChoiceLine
              // biome-ignore lint/suspicious/noArrayIndexKey: a new choice has nothing else it is known by until it is stored
              key={at}
              choice={choice}
              at={at}
              last={at === list.choices.length - 1}
              parent={parent}
              columns={list.columns}
              context={context}
              onChoice={(next, place) => putChoice(at, next, place)}
              onMove={(by) => move(at, by)}
              onEnter={add}
            />
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
        <SetUpProblems error={rehearse.error ?? carryOut.error} />
        {rehearse.data && (
          <CarryOutPlan plan={rehearse.data} busy={carryOut.isPending} onCarryOut={() => carryOut.mutate()} />
        )}
      </form>
    </div>
  );
};
