import type { CompiledForm } from '#core/form/index.ts';
import { type Catalogue, linkedRegister, type Register } from '#core/register/index.ts';
import { rowFieldsIn } from '#core/values/index.ts';
import { listsOf } from '../definitions/store.ts';

/** The keys of the registers whose records a form makes along. */
export const registersOfNew = ({ questions }: CompiledForm): string[] =>
  questions.flatMap(({ makes, columns }) =>
    [makes, ...[...columns.values()].map((column) => column.makes)].flatMap((each) => each?.register.key ?? []),
  );

/**
 * Only what a form needs crosses the wire: its register, what that and the registers of `made` link to, and their choice
 * lists.
 */
export const neededBy = (register: Register, catalogue: Catalogue, made: readonly string[] = []) => {
  const asked = [register, ...made.flatMap((key) => catalogue.registers.get(key) ?? [])];
  const keys = new Set(
    asked
      .flatMap(({ fields }) => fields)
      .flatMap(({ type }) =>
        [type, ...rowFieldsIn(type).map((field) => field.type)].flatMap(
          (each) => linkedRegister(each, catalogue)?.key ?? [],
        ),
      ),
  );
  const registers = [...keys].map((key) => catalogue.registers.get(key)).filter((each) => each !== undefined);
  return { registers, choice_lists: listsOf([register, ...registers], catalogue) };
};
