import type { z } from 'zod';
import type { foundEverywhereSchema } from '#contract/index.ts';
import { foldText } from '#core/base/index.ts';
import { findWords } from '#core/list/index.ts';
import { besideFields, type Register, titleField } from '#core/register/index.ts';
import { mayFill } from '../people/roles.ts';
import { findByTitle } from '../records/reader/index.ts';
import type { ReadContext } from '../records/work.ts';
import { listLists } from './kept-lists.ts';

type Found = z.input<typeof foundEverywhereSchema>;

/** So many records of each register are told: whoever wants more opens its list. */
const EACH = 5;
const MOST_LABELS = 8;

const inRegister = async (
  look: ReadContext,
  register: Register,
  words: string,
): Promise<Found['registers'][number]> => {
  const columns = [titleField(register), ...besideFields(register)].map(({ key }) => key).join(',');
  const found = await findByTitle(look, register, words, { where: [], columns, limit: EACH + 1 });
  return {
    key: register.key,
    records: found.slice(0, EACH).map(({ read: _, ...record }) => record),
    more: found.length > EACH,
  };
};

/**
 * What holds all of some words, wherever a person may look: records by register, those whose title begins so first; the
 * forms they may fill in and the lists they are offered, by what these are called.
 */
export const findEverywhere = async (look: ReadContext, words: string): Promise<Found> => {
  const folded = findWords(words);
  if (folded.length === 0) return { registers: [], forms: [], lists: [] };
  const isCalledSo = ({ label }: { readonly label: string }): boolean => {
    const called = foldText(label);
    return folded.every((word) => called.includes(word));
  };
  const { definitions, person, sight } = look;
  const [registers, { lists }] = await Promise.all([
    Promise.all([...sight.catalogue.registers.values()].map((register) => inRegister(look, register, words))),
    listLists(look),
  ]);
  const forms = [...definitions.forms.values()].flatMap(({ open }) =>
    open && mayFill(definitions, person, open.document) && isCalledSo(open.document) ? [open.document] : [],
  );
  return {
    registers: registers.filter(({ records }) => records.length > 0),
    forms: forms.slice(0, MOST_LABELS).map(({ key, label, register }) => ({ key, label, register })),
    lists: lists
      .flatMap(({ list, own, retired }) => (!retired && isCalledSo(list) ? [{ list, own }] : []))
      .slice(0, MOST_LABELS),
  };
};
