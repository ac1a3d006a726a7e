import { Link } from 'react-router';
import { useWorkspace } from '../../data/workspace.ts';
import { ChoiceChip } from '../../fields/controls/choice.tsx';
import { Empty } from '../../ui/message.tsx';

/** Set-up: the choice lists that all registers share. */
export const ChoiceListsScreen = () => {
  const { workspace } = useWorkspace();
  return (
    <div className="overflow-auto p-6">
      <header className="head-rule flex items-center gap-3">
        <h1 className="grow">Choice lists</h1>
        <Link className="btn btn-quiet" to="/set-up/registers">
          All registers
        </Link>
        <Link className="btn btn-go" to="/set-up/choice-lists/new">
          New choice list
        </Link>
      </header>
      {workspace.choice_lists.length === 0 && (
        <Empty title="No choice list yet.">
          <p>
            What is chosen from one is written the same everywhere: states, kinds, places. Fields of any register may
            share it.
          </p>
          <p className="mt-3">
            <Link className="btn btn-go" to="/set-up/choice-lists/new">
              Make the first choice list
            </Link>
          </p>
        </Empty>
      )}
      <ul>
        {workspace.choice_lists.map((list) => (
          <li key={list.key} className="ruled">
            <Link
              to={`/set-up/choice-lists/${list.key}`}
              className="flex items-baseline gap-3 px-2 py-2.5 hover:bg-iolite-wash"
            >
              <span className="w-44 shrink-0 font-semibold text-iolite-deep">{list.label}</span>
              <span className="flex flex-wrap gap-1.5 text-ink-2">
                {list.choices
                  .filter((choice) => !choice.retired)
                  .map((choice) => (
                    <ChoiceChip key={choice.code} choice={choice} code={choice.code} />
                  ))}
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </div>
  );
};
