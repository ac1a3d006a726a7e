import type { ImportFound } from '#contract/index.ts';
import { calledAnew, ENCODINGS, type ImportPlan, SEPARATORS } from '#core/spreadsheet/index.ts';
import { useMe, useWorkspace } from '../../data/workspace.ts';
import { Stamp, TabMark } from '../../ui/marks.tsx';
import { CountPart, PickPart } from '../../ui/pick-parts.tsx';
import { TextPart } from '../../ui/text-part.tsx';
import type { Importing } from './use-import.ts';

const SEPARATED = { ',': 'commas', ';': 'semicolons', '\t': 'tabs', '|': 'upright strokes' } as const;

/** What a spreadsheet becomes, and how it was read: each part can be changed where the file can be meant otherwise. */
export const BringInHead = ({ importing }: { importing: Importing }) => {
  const { state, plan, change } = importing;
  const { workspace, catalogue } = useWorkspace();
  const me = useMe();
  const canMake = me.sets_up.includes('registers');
  const into = plan?.into ?? null;
  const register = into === null ? undefined : catalogue.registers.get(into);
  const targets = workspace.registers.filter(({ key }) => {
    const rights = workspace.rights[key];
    return rights?.add === true || rights?.change === true;
  });
  return (
    <header className="border-b border-rule-strong bg-sheet px-5 py-3">
      <div className="flex flex-wrap items-center gap-2">
        <h1 className="grow font-normal">
          <span className="font-bold">{state.name} </span>
          {into === null ? 'becomes ' : 'goes into '}
          <PickPart
            what="register it goes into"
            text={register?.plural ?? 'a new register'}
            options={[
              ...(canMake ? [{ value: '', label: 'a new register' }] : []),
              ...targets.map(({ key, plural }) => ({ value: key, label: plural })),
            ]}
            chosen={into ?? ''}
            onPick={(key) => change({ into: key === '' ? null : key })}
          />
          {plan?.made && <MadeNames plan={plan} made={plan.made} importing={importing} />}{' '}
          {(plan?.made ?? register) && (
            <TabMark mark={(plan?.made ?? register)?.mark ?? ''} name={(plan?.made ?? register)?.plural ?? ''} />
          )}
        </h1>
        <Stamp kind="draft">{into === null ? 'Not made yet' : 'Not stored yet'}</Stamp>
      </div>
      {state.found && <HowRead found={state.found} importing={importing} />}
    </header>
  );
};

const MadeNames = ({
  plan,
  made,
  importing,
}: {
  plan: ImportPlan;
  made: NonNullable<ImportPlan['made']>;
  importing: Importing;
}) => {
  const { catalogue } = useWorkspace();
  const put = (change: Partial<typeof made>) => importing.change({ made: { ...made, ...change } });
  const refuse = (text: string): string | null => (text === '' ? 'A register needs a name.' : null);
  return (
    <>
      {', '}
      <TextPart
        what="name of the register"
        text={made.plural}
        shown={made.plural}
        refuse={refuse}
        onText={(plural) => importing.change({ made: calledAnew(made, plural.slice(0, 80), catalogue) })}
      />
      <span className="text-[15px] text-ink-2">
        {', of which each is a '}
        <TextPart
          what="name of one record"
          text={made.singular}
          shown={made.singular}
          refuse={refuse}
          onText={(singular) => put({ singular: singular.slice(0, 80) })}
        />
        {', marked '}
        <TextPart
          what="tab mark"
          text={made.mark}
          shown={made.mark}
          refuse={(text) => (/^[A-Za-z]{3}$/.test(text) ? null : 'A tab mark is three letters.')}
          onText={(mark) => put({ mark: mark.toUpperCase() })}
        />
      </span>
      {plan.columns.length === 0 && '…'}
    </>
  );
};

const HowRead = ({ found, importing }: { found: ImportFound; importing: Importing }) => {
  const { workspace } = useWorkspace();
  const { read, plan } = importing;
  const { head, rows, encoding, separator, sheets, sheet } = found;
  const counted = `${rows.toLocaleString(workspace.locale)} ${rows === 1 ? 'row' : 'rows'}`;
  return (
    <p className="mt-1 text-[15px] text-ink-2">
      {head === 0 ? 'No head' : 'Head in row'}{' '}
      <CountPart
        what="row of the head, 0 for none"
        value={head}
        least={0}
        most={1_000}
        onChange={(at) => read({ head: at })}
      />
      , <span className="font-semibold text-ink">{counted}</span>
      {encoding && (
        <>
          , read as{' '}
          <PickPart
            what="encoding"
            text={encoding}
            options={ENCODINGS.map((each) => ({ value: each, label: each }))}
            chosen={encoding}
            onPick={(each) => read({ encoding: each })}
          />
        </>
      )}
      {separator && (
        <>
          , columns parted by{' '}
          <PickPart
            what="sign between columns"
            text={SEPARATED[separator]}
            options={SEPARATORS.map((each) => ({ value: each, label: SEPARATED[each] }))}
            chosen={separator}
            onPick={(each) => read({ separator: each })}
          />
        </>
      )}
      {sheet !== null && (
        <>
          , of the sheet{' '}
          {sheets.length < 2 ? (
            <span className="font-semibold text-ink">{sheet}</span>
          ) : (
            <PickPart
              what="sheet"
              text={sheet}
              options={sheets.map((each) => ({ value: each, label: each }))}
              chosen={sheet}
              onPick={(each) => read({ sheet: each })}
            />
          )}
        </>
      )}
      .{plan?.into !== null && plan !== null && <FoundBy plan={plan} importing={importing} />}
    </p>
  );
};

/** How a text that could not be read may be meant otherwise: it is read anew with what is said here. */
export const ReadOtherwise = ({ importing: { state, read } }: { importing: Importing }) => {
  const { separator, quotes = 'hold' } = state.reading;
  return (
    <p className="my-3">
      Read it again, with columns separated by{' '}
      <PickPart
        what="sign between columns"
        text={separator ? SEPARATED[separator] : 'what it seems to be'}
        options={SEPARATORS.map((each) => ({ value: each, label: SEPARATED[each] }))}
        chosen={separator ?? null}
        onPick={(each) => read({ separator: each })}
      />{' '}
      and quotation marks that{' '}
      <PickPart
        what="meaning of quotation marks"
        text={QUOTED[quotes]}
        options={(['hold', 'letters'] as const).map((each) => ({ value: each, label: QUOTED[each] }))}
        chosen={quotes}
        onPick={(each) => read({ quotes: each })}
      />
      .
    </p>
  );
};

const QUOTED = { hold: 'hold a cell together', letters: 'are letters like others' } as const;

const FoundBy = ({ plan, importing }: { plan: ImportPlan; importing: Importing }) => {
  const { catalogue } = useWorkspace();
  const register = catalogue.registers.get(plan.into ?? '');
  const label = (key: string): string =>
    key === 'number' ? 'their number' : (register?.fields.find((field) => field.key === key)?.label ?? key);
  const keys = plan.columns.flatMap((column) =>
    column.fills === 'number' ? ['number'] : column.fills === 'field' ? [column.field] : [],
  );
  return (
    <>
      {' Rows that are there already '}
      <PickPart
        what="field by which rows are found"
        text={
          plan.found_by === ''
            ? 'are not looked for: every row is added'
            : `are found by ${label(plan.found_by)}, and changed`
        }
        options={[
          { value: '', label: 'are not looked for: every row is added' },
          ...keys.map((key) => ({ value: key, label: `are found by ${label(key)}` })),
        ]}
        chosen={plan.found_by}
        onPick={(key) => importing.change({ found_by: key })}
      />
      .
    </>
  );
};
