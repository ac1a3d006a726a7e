import { showMoment } from '#core/base/index.ts';
import { useWorkspace } from '../data/workspace.ts';

interface Props {
  readonly version: number;
  readonly status: 'published' | 'retired';
  readonly at: string;
  readonly by: string | null;
  readonly problems: readonly string[];
  /** What is different from it to the one at hand, in sentences. */
  readonly changes: readonly string[];
  /** What is said of it as a stamp. */
  readonly mark: string | null;
  readonly onTake: () => void;
}

const STATES = { published: 'published', retired: 'published before' } as const;

/** One version of a form or a route, and the way back to it. */
export const VersionItem = ({ version, status, at, by, problems, changes, mark, onTake }: Props) => {
  const { workspace } = useWorkspace();
  return (
    <li className="ruled py-3">
      <p className="flex flex-wrap items-center gap-2">
        <span className="font-semibold">Version {version}</span>
        <span className="text-ink-2">
          {STATES[status]} {showMoment(at, workspace.zone, workspace.locale)}
          {by && ` by ${by}`}
        </span>
        {mark && <span className="stamp">{mark}</span>}
        {changes.length > 0 && (
          <button type="button" className="btn ml-auto" onClick={onTake}>
            Go back to version {version}
          </button>
        )}
      </p>
      {problems.length > 0 && <p className="wrong">It does not fit its register any more: {problems.join(' ')}</p>}
      {changes.length === 0 ? (
        <p className="text-ink-2">The same as now.</p>
      ) : (
        <ul className="text-ink-2">
          {changes.map((change) => (
            <li key={change}>{change}</li>
          ))}
        </ul>
      )}
    </li>
  );
};
