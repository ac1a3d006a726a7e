import { useMemo, useState } from 'react';
import type { RecordDetail } from '#contract/index.ts';
import { askingOf, compileForm, plainFormKey } from '#core/form/index.ts';
import type { Catalogue } from '#core/register/index.ts';
import { clockFor, useFacts, useWorkspace } from '../../data/workspace.ts';
import { createEntryStore } from '../../state/entry-store.ts';

interface Asking {
  /** The record that is changed; or one that holds nothing, to ask for values of its register's fields. */
  readonly record: Pick<RecordDetail, 'definition' | 'values' | 'links' | 'linked' | 'files'>;
  /** The keys of the fields that are asked, and what that is called. */
  readonly fields: readonly string[];
  readonly label: string;
  readonly catalogue: Catalogue;
}

/** An entry that asks for some fields of a record: the same controls and checks as any form. */
export const useFieldEntry = ({ record, fields, label, catalogue }: Asking) => {
  const { workspace } = useWorkspace();
  const facts = useFacts();
  // What it was when the change began, not what live events brought since.
  const [began] = useState({ record, catalogue, workspace, fields, label });
  return useMemo(() => {
    const { definition } = began.record;
    const registers = new Map(began.catalogue.registers).set(definition.key, definition);
    const known = began.fields.filter((key) => definition.fields.some((field) => field.key === key));
    const form = askingOf(plainFormKey(definition.key), began.label, definition, known);
    const compiled = compileForm(form, { ...began.catalogue, registers });
    if (!compiled.ok) throw new RangeError(compiled.problems.map((each) => each.detail).join(' '));
    const links = Object.fromEntries(Object.values(began.record.links).map((link) => [link.id, link]));
    return createEntryStore({
      compiled: compiled.value,
      version: 1,
      record: began.record.values,
      links: { ...began.record.linked, ...links },
      files: began.record.files,
      clock: () => clockFor(began.workspace, 0),
      me: facts,
      keepAs: null,
    });
  }, [began, facts]);
};
