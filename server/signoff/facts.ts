import { today } from '#core/base/index.ts';
import type { PersonFacts } from '#core/expression/index.ts';
import { isRowsField, type RecordValues, workOutRecord } from '#core/register/index.ts';
import {
  type CompiledRoute,
  type Facts,
  recordValues,
  senderValues,
  signersNamed,
  type Who,
} from '#core/signoff/index.ts';
import { linkToOne } from '#core/values/index.ts';
import { findPerson } from '../people/names.ts';
import { readSigners } from '../people/signers.ts';
import { readEveryPath, readPaths } from '../records/reader/index.ts';
import { asSystem, type ReadContext } from '../records/work.ts';

/** Where a register of signers is read: more records than this are no register that people keep. */
const MOST_SIGNERS = 5_000;

type Signers = Who & { readonly kind: 'signers' };

const NOBODY: PersonFacts = { name: '', email: '', roles: [], record: null };

/** What the paths of a route lead to: behind the record's own links, and behind whoever sent it. */
export interface Beyond {
  readonly [path: string]: RecordValues[string];
}

/** What stands behind `sender`: of themselves, and of the record they are tied to. */
export const readSender = async (look: ReadContext, route: CompiledRoute, sender: string): Promise<Beyond> => {
  const paths = route.reads.filter(([first]) => first === 'sender');
  if (paths.length === 0) return {};
  const person = (await findPerson(look.db, sender)) ?? NOBODY;
  const own = senderValues(person);
  const register = route.catalogue.registers.get(route.catalogue.people?.register ?? '');
  const behind = paths.filter((path) => path.length > 2).map((path) => path.slice(2));
  const read =
    register && person.record !== null && behind.length > 0
      ? (await readPaths(look, register, [person.record], behind)).get(person.record)
      : undefined;
  const found = behind.map((path) => [`sender.record.${path.join('.')}`, read?.[path.join('.')] ?? null] as const);
  return { ...own, ...Object.fromEntries(found) };
};

/** Everything a route's conditions, people and days read beyond a record's own columns, as it is now. */
export const readBeyond = async (
  look: ReadContext,
  route: CompiledRoute,
  id: string,
  sender: string,
): Promise<Beyond> => {
  const system = asSystem(look, 'where a record goes does not depend on who sends it');
  const own = route.reads.filter(([first]) => first !== 'sender');
  const read = own.length === 0 ? undefined : (await readPaths(system, route.register, [id], own)).get(id);
  return { ...read, ...(await readSender(system, route, sender)) };
};

/** The same of answers that are not stored yet: behind the links they hold. */
export const readBeyondAnswers = async (
  look: ReadContext,
  route: CompiledRoute,
  values: RecordValues,
  sender: string,
): Promise<Beyond> => {
  const system = asSystem(look, 'who signs follows from what a form asks, whatever of it whoever fills it in may see');
  const found: Record<string, Beyond[string]> = {};
  for (const path of route.reads) {
    const [first = '', ...rest] = path;
    const field = route.register.fields.find(({ key }) => key === first);
    const link = field && rest.length > 0 ? linkToOne(field.type) : null;
    const target = link ? route.catalogue.registers.get(link.register) : undefined;
    const id = values[first];
    if (!target || typeof id !== 'string') continue;
    found[path.join('.')] = (await readPaths(system, target, [id], [rest])).get(id)?.[rest.join('.')] ?? null;
  }
  return { ...found, ...(await readSender(system, route, sender)) };
};

const signersIn = (route: CompiledRoute): Signers[] =>
  route.route.steps.flatMap(({ who, deadline }) => {
    const late = deadline?.late?.kind === 'pass' ? [deadline.late.to] : [];
    return [who, ...late].flatMap((each) => (each.kind === 'signers' ? [each] : []));
  });

/** The records of the registers of signers a route asks, each read once. */
const readRegisters = async (
  look: ReadContext,
  route: CompiledRoute,
): Promise<ReadonlyMap<Signers, readonly RecordValues[]>> => {
  const system = asSystem(look, 'who may approve follows from all records of a register of signers');
  const found = new Map<Signers, readonly RecordValues[]>();
  for (const who of signersIn(route)) {
    const register = route.catalogue.registers.get(who.register);
    if (!register) continue;
    const keys = [
      who.person,
      ...who.matches.map(({ there }) => there),
      ...[who.limit?.there, who.from, who.until].filter((key) => key !== undefined && key !== null),
    ];
    const read = await readEveryPath(
      system,
      register,
      keys.map((key) => [key]),
      MOST_SIGNERS,
    );
    found.set(who, read);
  }
  return found;
};

/** Who could sign by a route, whichever record goes by it. */
export interface Around {
  readonly people: Facts['people'];
  readonly registers: ReadonlyMap<Signers, readonly RecordValues[]>;
}

/** Reads who could sign by a route: once for all records of a file. */
export const readAround = async (look: ReadContext, route: CompiledRoute): Promise<Around> => ({
  people: await readSigners(look.db, look.clock),
  registers: await readRegisters(look, route),
});

/**
 * The values of a record that a route's conditions read: `own` as it stands, `beyond` as it was read. What is worked out in
 * rows stands in none of what is written.
 */
export const valuesOf = (
  look: ReadContext,
  route: CompiledRoute,
  own: RecordValues,
  beyond: Beyond,
): Facts['values'] => {
  const { register, reads } = route;
  const readsRows = register.fields.some((field) => isRowsField(field) && reads.some(([first]) => first === field.key));
  const values = readsRows ? workOutRecord(register, own, route.catalogue, look.clock) : own;
  return recordValues({ ...values, ...known(beyond) }, look.clock);
};

/** What is known where a route is gone by a record. */
export const factsOf = async (
  look: ReadContext,
  route: CompiledRoute,
  own: RecordValues,
  beyond: Beyond,
  around?: Around,
): Promise<Facts> => {
  const values = valuesOf(look, route, own, beyond);
  const { people, registers } = around ?? (await readAround(look, route));
  const day = today(look.clock);
  return { values, people, signers: (who) => signersNamed(who, registers.get(who) ?? [], values, day) };
};

const known = (beyond: Beyond): Beyond =>
  Object.fromEntries(Object.entries(beyond).filter(([, value]) => value !== null));
