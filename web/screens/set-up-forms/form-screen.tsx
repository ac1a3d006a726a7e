import { useMutation, useQuery } from '@tanstack/react-query';
import { useEffect, useMemo, useRef, useState } from 'react';
import { Link, useParams } from 'react-router';
import type { Problem, Result } from '#core/base/index.ts';
import { type CompiledForm, compileForm, type Form, formSchema } from '#core/form/index.ts';
import type { Register } from '#core/register/index.ts';
import { call, ProblemError } from '../../data/client.ts';
import { queries, queryClient } from '../../data/queries.ts';
import { forgetLookUps, readAnew } from '../../data/read-anew.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { TabMark } from '../../ui/marks.tsx';
import { Coming, Empty, Problems } from '../../ui/message.tsx';
import { Part, PickOne } from '../../ui/part.tsx';
import { EditingNotice, UndoButtons, useEditing } from '../../ui/undo.tsx';
import { LiveForm, type TrialStart } from './live-form.tsx';
import { Opening, SentBy } from './opening.tsx';
import { type Made, Outline } from './outline.tsx';
import { PublishDialog } from './publish-dialog.tsx';
import { RuleSheet } from './rule-sheet.tsx';
import { VersionsFace } from './versions-face.tsx';
import { WaysFace } from './ways-face.tsx';

/** A form in set-up: its outline at the left, the live form at the right. */
export const SetUpFormScreen = () => {
  const { key = '' } = useParams();
  return <OpenedForm key={key} formKey={key} />;
};

const OpenedForm = ({ formKey }: { formKey: string }) => {
  const { workspace } = useWorkspace();
  const { data: draft, isFetchedAfterMount } = useQuery(queries.draft(formKey));
  // What is kept or published meanwhile must not begin the editor anew.
  const start = useRef<Form | undefined>(undefined);
  if (isFetchedAfterMount)
    start.current ??= draft?.form ?? workspace.forms.find((each) => each.form.key === formKey)?.form;
  if (!isFetchedAfterMount && !start.current) return <Coming />;
  if (!start.current) return <Empty title="There is no such form." />;
  return <Editor start={start.current} />;
};

const PURPOSES: Readonly<Record<Form['purpose'], string>> = {
  add: 'Adds to',
  change: 'Changes',
  both: 'Adds to or changes',
};
const PURPOSE_KEYS: readonly Form['purpose'][] = ['add', 'change', 'both'];

type Face = 'outline' | 'ways' | 'sheet' | 'versions';
const FACES: readonly { readonly key: Face; readonly label: string }[] = [
  { key: 'outline', label: 'Outline' },
  { key: 'ways', label: 'Ways' },
  { key: 'sheet', label: 'Rule sheet' },
  { key: 'versions', label: 'Versions' },
];

/** Keeps each valid state of the form on the server as its draft, the newest wins. */
const useKeptDraft = (form: Form, compiled: Result<CompiledForm>, started: Form) => {
  const [kept, setKept] = useState(started);
  const keep = useMutation({
    mutationFn: (next: Form) => call('keepForm', { params: { key: next.key }, body: next }),
    onSuccess: (answer, next) => {
      setKept(next);
      queryClient.setQueryData(queries.draft(next.key).queryKey, answer);
      // What its look-ups offered, and would fill in, was the form's as it was before.
      void forgetLookUps(next.key);
    },
  });
  const { mutate, isPending } = keep;
  // What was refused is not sent again by itself; what it was changed to is.
  const refused = keep.isError && keep.variables === form;
  useEffect(() => {
    if (form === kept || !compiled.ok || isPending || refused) return;
    const timer = setTimeout(() => mutate(form), 250);
    return () => clearTimeout(timer);
  }, [form, kept, compiled.ok, isPending, refused, mutate]);
  return { kept: form === kept, error: refused ? keep.error : null, again: keep.reset };
};

/**
 * Carries out a register's new fields, and the choice lists they need. Others may change the set-up meanwhile, so the version is asked for
 * anew; that nobody changed the register itself is seen from what it is.
 */
const carryOutOn = async (before: Register, { register: after, lists }: Made): Promise<void> => {
  for (let tries = 1; ; tries++) {
    const { version, registers } = await queryClient.fetchQuery({ ...queries.workspace(), staleTime: 0 });
    const now = registers.find(({ key }) => key === before.key);
    if (JSON.stringify(now) !== JSON.stringify(before))
      throw new RangeError(`${before.plural} were changed meanwhile. Look again, and add what is still missing.`);
    try {
      await call('carryOut', { body: { version, registers: [after], choice_lists: [...lists] } });
      return;
    } catch (error) {
      if (tries === 4 || !(error instanceof ProblemError && error.answer.status === 409)) throw error;
    }
  }
};

const Editor = ({ start }: { start: Form }) => {
  const { workspace, catalogue } = useWorkspace();
  const editing = useEditing(start, { as: `form ${start.key}`, base: JSON.stringify(start), schema: formSchema });
  const { now: form } = editing;
  const change = (next: Form): void => editing.edit(() => next);
  const [face, setFace] = useState<Face>('outline');
  const [begun, setBegun] = useState<TrialStart>({ round: 0, typed: {} });
  const [trying, setTrying] = useState(false);
  // The map of the ways has the whole width until one of them is tried.
  const live = face !== 'ways' || trying;
  const [publishing, setPublishing] = useState(false);
  /** The version that was published from the form as it stands. */
  const [published, setPublished] = useState<{ readonly version: number; readonly form: Form } | null>(null);
  const compiled = useMemo(() => compileForm(form, catalogue), [form, catalogue]);
  const [started] = useState(start);
  const draft = useKeptDraft(form, compiled, started);
  // What the server keeps, nothing else needs to.
  const { settle } = editing;
  useEffect(() => {
    if (draft.kept) settle(JSON.stringify(form));
  }, [draft.kept, form, settle]);
  const register = catalogue.registers.get(form.register);
  // Fields that the form's new questions need are there before it asks them.
  const make = useMutation({
    mutationFn: async (made: Made) => {
      if (register) await carryOutOn(register, made);
      await readAnew('workspace');
      return made.form;
    },
    onSuccess: change,
  });
  const lastGood = useRef<CompiledForm | null>(null);
  if (compiled.ok) lastGood.current = compiled.value;
  const problems: readonly Problem[] = compiled.ok ? [] : compiled.problems;
  const open = workspace.forms.find((each) => each.form.key === form.key);
  const { data: held } = useQuery({ ...queries.draft(form.key), enabled: false });
  const misfit = open !== undefined && !compileForm(open.form, catalogue).ok;
  const said = published?.form === form ? `Version ${published.version} was published.` : '';
  if (!register) return <Empty title="The register of this form is not there." />;
  return (
    <>
      <header className="flex flex-wrap items-center gap-3 border-b border-rule-strong bg-sheet px-6 py-3 print:hidden">
        <div className="min-w-0 flex-1 basis-80">
          <h1>{form.label}</h1>
          <p className="text-ink-2">
            <Part text={PURPOSES[form.purpose]} what="purpose">
              {(close) => (
                <PickOne
                  options={PURPOSE_KEYS.map((value) => ({ value, label: PURPOSES[value] }))}
                  chosen={form.purpose}
                  onPick={(purpose) => {
                    change({ ...form, purpose });
                    close();
                  }}
                />
              )}
            </Part>{' '}
            <TabMark mark={register.mark} name={register.plural} /> {register.plural}.{' '}
            {form.pages.length > 1 && <>{form.pages.length} pages, </>}
            {form.questions.length} questions. {held ? `Draft of version ${held.version}.` : ''}{' '}
            {open ? `Version ${open.version} is published.` : ''} <Opening form={form} onChange={change} />
            <SentBy form={form} onChange={change} />
            {misfit && (
              <span className="block text-brick">
                The published version no longer fits its register: an earlier one is filled in until this is mended and
                published.
              </span>
            )}
          </p>
        </div>
        <span className="ml-auto text-[13px] text-ink-2" role="status">
          {said || (problems.length > 0 ? 'not kept: something is wrong' : draft.kept ? 'kept' : 'keeping …')}
        </span>
        <fieldset aria-label="Face of the form" className="flex">
          {FACES.map(({ key, label }) => (
            <button
              key={key}
              type="button"
              className={`btn rounded-none! ${face === key ? 'bg-iolite-wash! text-iolite-deep!' : ''}`}
              aria-pressed={face === key}
              onClick={() => {
                setFace(key);
                setTrying(false);
              }}
            >
              {label}
            </button>
          ))}
        </fieldset>
        <UndoButtons editing={editing} />
        {open && (
          <Link className="btn" to={`/forms/${form.key}`}>
            Fill it in
          </Link>
        )}
        <button
          type="button"
          className="btn btn-go"
          disabled={!compiled.ok || !draft.kept}
          onClick={() => setPublishing(true)}
        >
          Publish
        </button>
      </header>
      <EditingNotice editing={editing} />
      {draft.error && (
        <div className="px-6">
          <Problems error={draft.error} />
          <button type="button" className="btn" onClick={draft.again}>
            Try again
          </button>
        </div>
      )}
      <div className={`grid min-h-0 grow grid-rows-1 print:block ${live ? 'lg:grid-cols-[1fr_30rem]' : ''}`}>
        {face === 'outline' && (
          <section aria-label="Outline" className="min-h-0 overflow-auto bg-paper px-6 py-4">
            <Problems error={make.error} />
            <Outline
              form={form}
              register={register}
              catalogue={catalogue}
              problems={problems}
              onChange={change}
              onMake={make.mutate}
            />
          </section>
        )}
        {face === 'ways' && (
          <section aria-label="Ways" className="min-h-0 overflow-auto bg-sheet px-6 py-4">
            {lastGood.current && (
              <WaysFace
                compiled={lastGood.current}
                workspace={workspace}
                onSample={(way) => {
                  setTrying(true);
                  setBegun({ round: begun.round + 1, typed: way.sample });
                }}
              />
            )}
          </section>
        )}
        {face === 'sheet' && (
          <section
            aria-label="Rule sheet"
            className="min-h-0 overflow-auto bg-sheet px-6 py-4 print:overflow-visible print:p-0"
          >
            <RuleSheet form={form} published={open} register={register} catalogue={catalogue} />
          </section>
        )}
        {face === 'versions' && (
          <section aria-label="Versions" className="min-h-0 overflow-auto bg-sheet px-6 py-4">
            <VersionsFace
              form={form}
              register={register}
              catalogue={catalogue}
              onTake={(next) => {
                change(next);
                setFace('outline');
              }}
            />
          </section>
        )}
        <section
          aria-label="Live form"
          className={`print:hidden min-h-0 overflow-auto border-l border-rule bg-rule/40 p-5 ${live ? '' : 'hidden'}`}
        >
          {lastGood.current && (
            <LiveForm
              compiled={lastGood.current}
              workspace={workspace}
              begun={begun}
              onBegin={(next) => setBegun({ ...next, round: begun.round + 1 })}
            />
          )}
        </section>
      </div>
      <PublishDialog
        key={String(publishing)}
        open={publishing}
        form={form}
        register={register}
        onClose={() => setPublishing(false)}
        onPublished={(version) => {
          setPublishing(false);
          setPublished({ version, form });
          queryClient.setQueryData(queries.draft(form.key).queryKey, null);
          void readAnew('workspace');
        }}
      />
    </>
  );
};
