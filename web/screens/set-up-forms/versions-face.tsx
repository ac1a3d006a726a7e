import { useQuery } from '@tanstack/react-query';
import { showMoment } from '#core/base/index.ts';
import { compareForms, type Form, formVocabulary } from '#core/form/index.ts';
import { type Catalogue, type Register, valueContext } from '#core/register/index.ts';
import { queries } from '../../data/queries.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { Coming } from '../../ui/message.tsx';

interface Props {
  readonly form: Form;
  readonly register: Register;
  readonly catalogue: Catalogue;
  /** The form as it was goes on as the draft. */
  readonly onTake: (form: Form) => void;
}

const STATES = { published: 'published', retired: 'published before' } as const;

/** Every version of the form, what is different in it from the one at hand, and the way back to it. */
export const VersionsFace = ({ form, register, catalogue, onTake }: Props) => {
  const { workspace } = useWorkspace();
  const { data } = useQuery({ ...queries.formVersions(form.key), staleTime: 0 });
  if (!data) return <Coming />;
  const context = (of: Form) => ({
    vocabulary: formVocabulary(of, register, catalogue),
    values: valueContext(catalogue),
  });
  return (
    <>
      <h2 className="head-rule">Versions</h2>
      <p className="text-ink-2">
        What is different here is said from the version to the form as it stands in the outline now.
      </p>
      {data.versions.length === 0 && <p className="mt-3 text-ink-2">Nothing was published yet.</p>}
      <ol>
        {data.versions.map(({ version, status, at, by, form: earlier, problems, open }) => {
          const changes = compareForms(earlier, form, context(earlier), context(form));
          return (
            <li key={version} className="ruled py-3">
              <p className="flex flex-wrap items-center gap-2">
                <span className="font-semibold">Version {version}</span>
                <span className="text-ink-2">
                  {STATES[status]} {showMoment(at, workspace.zone, workspace.locale)}
                  {by && ` by ${by}`}
                </span>
                {open && <span className="stamp">filled in now</span>}
                {changes.length > 0 && (
                  <button
                    type="button"
                    className="btn ml-auto"
                    onClick={() => onTake({ ...earlier, fill_in_by: form.fill_in_by })}
                  >
                    Go back to version {version}
                  </button>
                )}
              </p>
              {problems.length > 0 && (
                <p className="wrong">It does not fit its register any more: {problems.join(' ')}</p>
              )}
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
        })}
      </ol>
    </>
  );
};
