import type { FormAnswer } from '#contract/index.ts';
import { isUuid } from '#core/base/index.ts';
import type { CompiledForm, CompiledQuestion, Snapshot } from '#core/form/index.ts';
import type { RecordValues } from '#core/register/index.ts';
import { linkToOne } from '#core/values/index.ts';
import { readPaths } from '../records/reader/index.ts';
import type { ReadContext } from '../records/work.ts';
import { linksOf, readFilledLinks } from './look-up.ts';

/** What look-ups that hold a record fill into some questions, read from the record as far as the form reaches. */
export const readFills = async (
  through: ReadContext,
  compiled: CompiledForm,
  values: Readonly<Record<string, unknown>>,
  isWanted: (filled: CompiledQuestion) => boolean = () => true,
): Promise<Record<string, Snapshot>> => {
  const snapshots: Record<string, Snapshot> = {};
  for (const { key, field, fills } of compiled.questions) {
    const wanted = fills.filter((fill) => {
      const filled = compiled.byKey.get(fill.target);
      return filled !== undefined && isWanted(filled);
    });
    const id = values[key];
    const target = through.sight.catalogue.registers.get(linkToOne(field.type)?.register ?? '');
    if (wanted.length === 0 || typeof id !== 'string' || !isUuid(id) || !target) continue;
    const paths = wanted.map((fill) => fill.path);
    const read = (await readPaths(through, target, [id], paths)).get(id);
    if (!read) continue;
    const filled = Object.fromEntries(wanted.map((fill) => [fill.target, read[fill.path.join('.')] ?? null]));
    snapshots[key] = { record: id, taken: 1, fills: filled };
  }
  return snapshots;
};

/** What a form starts with, what look-ups among it fill, and what all that links to is called. */
export const withFills = async (
  through: ReadContext,
  compiled: CompiledForm,
  values: RecordValues,
): Promise<FormAnswer['begun']> => {
  const snapshots = await readFills(through, compiled, values);
  const filled: RecordValues = Object.assign({}, ...Object.values(snapshots).map((each) => each.fills));
  const names = await readFilledLinks(through, compiled, [filled, values]);
  const links = { ...linksOf(compiled, filled, names), ...linksOf(compiled, values, names) };
  return { values: { ...values }, links, snapshots };
};
