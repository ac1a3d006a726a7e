import { type Catalogue, linkedRegister, type Register } from '#core/register/index.ts';
import { rowFieldsIn } from '#core/values/index.ts';
import { listsOf } from '../definitions/store.ts';

/** Only what a form needs crosses the wire: its register, what it links to, and their choice lists. */
export const neededBy = (register: Register, catalogue: Catalogue) => {
  const keys = new Set(
    register.fields.flatMap(({ type }) =>
      [type, ...rowFieldsIn(type).map((field) => field.type)].flatMap(
        (each) => linkedRegister(each, catalogue)?.key ?? [],
      ),
    ),
  );
  const registers = [...keys].map((key) => catalogue.registers.get(key)).filter((each) => each !== undefined);
  return { registers, choice_lists: listsOf([register, ...registers], catalogue) };
};
