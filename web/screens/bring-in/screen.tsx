import { useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { useMe, useWorkspace } from '../../data/workspace.ts';
import { RecentImports } from '../../fields/bringing/recent.tsx';
import { BringIn } from '../../fields/bringing/start.tsx';
import { Coming, Empty, Problems } from '../../ui/message.tsx';
import { BringInFoot } from './foot.tsx';
import { BringInHead, ReadOtherwise } from './head.tsx';
import { Misfits } from './misfits.tsx';
import { BringInOutcome } from './outcome.tsx';
import { BringInSheet } from './sheet.tsx';
import { useImport } from './use-import.ts';

/** Where a spreadsheet is brought: to become a register, or into one that is there. */
export const BringInScreen = () => {
  const [query] = useSearchParams();
  const { catalogue } = useWorkspace();
  const me = useMe();
  const into = query.get('into');
  const register = catalogue.registers.get(into ?? '');
  if (into !== null && !register) return <Empty title="There is no such register, or none you may see." />;
  if (!register && !me.sets_up.includes('registers'))
    return <Empty title="To make a register of a spreadsheet takes the right to set up registers." />;
  return (
    <div className="overflow-auto p-6">
      <header className="head-rule flex flex-wrap items-center gap-3">
        <h1 className="grow">{register ? `Bring a spreadsheet into ${register.plural}` : 'Bring a spreadsheet in'}</h1>
        <Link className="btn btn-quiet" to={register ? `/registers/${register.key}` : '/set-up/registers'}>
          {register ? `Back to ${register.plural}` : 'All registers'}
        </Link>
      </header>
      <div className="mt-4">
        <BringIn
          into={register?.key ?? null}
          title={register ? `Add to ${register.plural}, or change them` : 'A spreadsheet becomes a register'}
        />
      </div>
      <RecentImports into={register?.key ?? null} />
    </div>
  );
};

/** One spreadsheet: what it becomes, what does not fit, and what came of it. */
export const OneImportScreen = () => {
  const { id = '' } = useParams();
  const { importing, error } = useImport(id);
  const [chosen, setChosen] = useState<number | null>(null);
  if (error) return <Empty title="There is no such spreadsheet, or it was thrown away." />;
  if (!importing) return <Coming />;
  const { state } = importing;
  if (state.phase !== 'looking') return <BringInOutcome state={state} />;
  const firstWrong = state.found?.would?.misfits.find(({ column }) => column !== null)?.column ?? null;
  const column = chosen ?? firstWrong;
  return (
    <div className="flex min-h-0 grow flex-col">
      <BringInHead importing={importing} />
      <div className="min-h-0 grow overflow-auto pb-6">
        {state.job.state === 'failed' ? (
          <div className="p-6">
            <Problems error={new Error(state.job.problem ?? 'It could not be read.')} />
            {!/\.xls[xm]?$/i.test(state.name) && <ReadOtherwise importing={importing} />}
            <Link className="btn" to="/bring-in">
              Bring another file
            </Link>
          </div>
        ) : state.found === null ? (
          <Coming />
        ) : (
          <>
            <BringInSheet importing={importing} chosen={column} onChoose={setChosen} />
            <Misfits importing={importing} chosen={column} onChoose={setChosen} />
          </>
        )}
      </div>
      <BringInFoot importing={importing} />
    </div>
  );
};
