import { useMemo } from 'react';
import { hiddenFrom, type Role } from '#core/access/index.ts';
import { compileForm, type Form, type PassedOn, passesOn } from '#core/form/index.ts';
import type { Catalogue } from '#core/register/index.ts';
import { PassedOnNotes } from '../../fields/set-up/passed-on.tsx';

interface Props {
  readonly forms: readonly Form[];
  readonly catalogue: Catalogue;
  /** The roles as they are in force, and as they would be; and who would fill in which form. */
  readonly before: readonly Role[];
  readonly after: readonly Role[];
  readonly fills: Readonly<Record<string, readonly string[]>>;
  /** Changes a role that is not carried out yet. */
  readonly onRole: (role: Role) => void;
}

const keyOf = ({ by, into, fillers, readers }: PassedOn): string =>
  JSON.stringify([by, into, fillers.map(({ key }) => key), readers.map(({ key }) => key)]);

/** What forms would pass on to people from whom changed roles hide it, which they do not pass on now. */
export const NewlyPassedOn = ({ forms, catalogue, before, after, fills, onRole }: Props) => {
  const found = useMemo(
    () =>
      forms.flatMap((form) => {
        const compiled = compileForm(form, catalogue);
        if (!compiled.ok) return [];
        const known = new Set(passesOn(compiled.value, catalogue, before, form.fill_in_by).map(keyOf));
        const would = passesOn(compiled.value, catalogue, after, fills[form.key] ?? form.fill_in_by);
        const passed = would.filter((each) => !known.has(keyOf(each)));
        return passed.length === 0 ? [] : [{ form, register: compiled.value.register, passed }];
      }),
    [forms, catalogue, before, after, fills],
  );
  return found.map(({ form, register, passed }) => (
    <section key={form.key} className="mb-4">
      <h2>{form.label} passes on what this hides</h2>
      <PassedOnNotes
        passed={passed}
        register={register}
        onHide={({ readers, into }) => {
          for (const role of readers) onRole(hiddenFrom(role, register.key, into));
        }}
      />
    </section>
  ));
};
