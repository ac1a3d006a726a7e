import { useQuery } from '@tanstack/react-query';
import { compareForms, type Form, formVocabulary } from '#core/form/index.ts';
import { type Catalogue, type Register, valueContext } from '#core/register/index.ts';
import { queries } from '../../data/queries.ts';
import { Coming } from '../../ui/message.tsx';
import { VersionItem } from '../../ui/version-item.tsx';

interface Props {
  readonly form: Form;
  readonly register: Register;
  readonly catalogue: Catalogue;
  /** The form as it was goes on as the draft. */
  readonly onTake: (form: Form) => void;
}

/** Every version of the form, what is different in it from the one at hand, and the way back to it. */
export const VersionsFace = ({ form, register, catalogue, onTake }: Props) => {
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
        {data.versions.map(({ form: earlier, open, ...version }) => {
          const changes = compareForms(earlier, form, context(earlier), context(form));
          return (
            <VersionItem
              key={version.version}
              {...version}
              changes={changes}
              mark={open ? 'filled in now' : null}
              onTake={() => onTake({ ...earlier, fill_in_by: form.fill_in_by })}
            />
          );
        })}
      </ol>
    </>
  );
};
