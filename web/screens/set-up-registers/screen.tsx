import { useState } from 'react';
import { Link } from 'react-router';
import { wordOf } from '#core/values/index.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { RecentImports } from '../../fields/bringing/recent.tsx';
import { BringIn } from '../../fields/bringing/start.tsx';
import { TabMark } from '../../ui/marks.tsx';
import { Empty } from '../../ui/message.tsx';
import { LinksPicture } from './links-picture.tsx';

/** Set-up: every register with its fields, and the way to a new one. */
export const SetUpRegistersScreen = () => {
  const { workspace, catalogue } = useWorkspace();
  const [drawn, setDrawn] = useState(false);
  const isEmpty = workspace.registers.length === 0;
  return (
    <div className="overflow-auto p-6">
      <header className="head-rule flex flex-wrap items-center gap-3">
        <h1 className="grow">Registers &amp; fields</h1>
        {!isEmpty && (
          <button type="button" className="btn" aria-pressed={drawn} onClick={() => setDrawn(!drawn)}>
            {drawn ? 'As a list' : 'As a picture'}
          </button>
        )}
        <Link className="btn" to="/bring-in">
          Bring a spreadsheet in
        </Link>
        <Link className="btn btn-go" to="/set-up/registers/new">
          New register
        </Link>
      </header>
      {isEmpty && (
        <Empty title="No register yet.">
          <p>A register is one kind of thing you keep: its name and its first fields are all it takes.</p>
          <p className="mt-3">
            <Link className="btn btn-go" to="/set-up/registers/new">
              Make the first register
            </Link>
          </p>
        </Empty>
      )}
      {drawn && !isEmpty ? (
        <LinksPicture catalogue={catalogue} />
      ) : (
        <ul>
          {workspace.registers.map((register) => (
            <li key={register.key} className="ruled">
              <Link
                to={`/set-up/registers/${register.key}`}
                className="flex items-baseline gap-3 px-2 py-2.5 hover:bg-iolite-wash"
              >
                <TabMark mark={register.mark} name={register.plural} />
                <span className="w-36 shrink-0 font-semibold text-iolite-deep">{register.plural}</span>
                <span className="text-ink-2">
                  {register.fields.map((field) => `${field.label} (${wordOf(field.type.kind)})`).join(', ')}
                </span>
              </Link>
            </li>
          ))}
        </ul>
      )}
      <div className="mt-6">
        <BringIn into={null} title="A spreadsheet becomes a register" />
      </div>
      <RecentImports into={null} />
    </div>
  );
};
