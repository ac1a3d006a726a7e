import { z } from 'zod';
import { formulaSchema, idSchema, keySchema, labelSchema } from '../values/index.ts';

/** How far a right reaches: no record, every record, or those for which a condition over the record and `me` holds. */
export const reachSchema = z.union([z.boolean(), formulaSchema]);
/** How far a right reaches. */
export type RecordCondition = z.infer<typeof reachSchema>;

/** A field of a register, or of its rows: `discount`, `lines.cost`. */
const fieldPathSchema = z
  .string()
  .regex(
    /^[a-z][a-z0-9_]{0,47}(\.[a-z][a-z0-9_]{0,47})?$/,
    'A field is named by its key, a field of rows with both keys.',
  );
const fieldsSchema = z.array(fieldPathSchema).max(400);

/** What may be done with a register's records. */
export const DEEDS = ['see', 'add', 'change', 'archive', 'export'] as const;
/** One of them. */
export type Permission = (typeof DEEDS)[number];

/** What a role gives on one register. */
export const rightsSchema = z.strictObject({
  see: reachSchema.default(false),
  add: reachSchema.default(false),
  change: reachSchema.default(false),
  archive: reachSchema.default(false),
  export: reachSchema.default(false),
  /** Fields that are not seen. */
  hidden: fieldsSchema.default([]),
  /** Worked-out fields whose outcome is seen though not all that they read is. */
  results: fieldsSchema.default([]),
  /** The only fields that are changed; where there is no such list, every field that is seen. */
  only: fieldsSchema.optional(),
  /** Fields that are seen and not changed. */
  locked: fieldsSchema.default([]),
  /** Fields that are changed while a condition holds. */
  when: z.record(fieldPathSchema, formulaSchema).default({}),
});
/** What a role gives on one register. */
export type Rights = z.infer<typeof rightsSchema>;

/** The rights to set up, which stand apart: over registers and their rules; forms, routes and lists; people and roles. */
export const SET_UP_RIGHTS = ['registers', 'forms', 'people'] as const;
/** One of them. */
export type SetUpRight = (typeof SET_UP_RIGHTS)[number];

/** A role: what whoever holds it sees and may do. */
export const roleSchema = z.strictObject({
  id: idSchema,
  key: keySchema,
  label: labelSchema,
  sets_up: z.array(z.enum(SET_UP_RIGHTS)).max(3).default([]),
  /** Whoever holds it signs in with a second step, or does nothing but set one up. */
  second_step: z.boolean().optional(),
  registers: z.record(keySchema, rightsSchema).default({}),
});
/** A role: what whoever holds it sees and may do. */
export type Role = z.infer<typeof roleSchema>;

/** Nothing at all. */
export const NO_RIGHTS: Rights = rightsSchema.parse({});
const SEES_ALL: Rights = { ...NO_RIGHTS, see: true, export: true };
const MAY_ALL: Rights = { ...SEES_ALL, add: true, change: true, archive: true };

/**
 * What a role gives on a register. Whoever sets up registers sees and changes every record; whoever sets up forms sees
 * every record, as a form can be made to show it.
 */
export const rightsIn = ({ sets_up: setsUp, registers }: Role, register: string): Rights => {
  if (setsUp.includes('registers')) return MAY_ALL;
  const own = Object.hasOwn(registers, register) ? (registers[register] ?? NO_RIGHTS) : NO_RIGHTS;
  return setsUp.includes('forms') ? { ...own, see: true, export: true, hidden: [], results: [] } : own;
};

/** A role without the fields and registers that are no longer there; its conditions stay as they are. */
export const withoutGone = (role: Role, isThere: (register: string, path: string | null) => boolean): Role => {
  const registers = Object.entries(role.registers).flatMap(([key, rights]): [string, Rights][] => {
    if (!isThere(key, null)) return [];
    const left = (paths: readonly string[]): string[] => paths.filter((path) => isThere(key, path));
    const when = Object.entries(rights.when).filter(([path]) => isThere(key, path));
    return [
      [
        key,
        {
          ...rights,
          hidden: left(rights.hidden),
          results: left(rights.results),
          ...(rights.only === undefined ? {} : { only: left(rights.only) }),
          locked: left(rights.locked),
          when: Object.fromEntries(when),
        },
      ],
    ];
  });
  return { ...role, registers: Object.fromEntries(registers) };
};

/** Whether one of some roles gives a right to set up. */
export const givesSetUp = (roles: readonly Pick<Role, 'sets_up'>[], right: SetUpRight): boolean =>
  roles.some(({ sets_up: setsUp }) => setsUp.includes(right));

/** A role as an earlier version of the program kept it: one right over everything, and three on each register. */
const earlierSchema = z.object({
  setup: z.boolean(),
  registers: z.record(z.string(), z.object({ see: z.boolean(), add: z.boolean(), change: z.boolean() })),
});

/**
 * A role from what is stored, that of an earlier version too: there whoever changed records archived them, and whoever
 * saw them took them along as a file.
 */
export const readRole = (stored: unknown): Role => {
  const earlier = earlierSchema.safeParse(stored);
  if (!earlier.success) return roleSchema.parse(stored);
  const { id, key, label } = z.object({ id: idSchema, key: keySchema, label: labelSchema }).parse(stored);
  const registers = Object.entries(earlier.data.registers).map(
    ([register, { see, add, change }]) =>
      [register, { ...NO_RIGHTS, see, add, change, archive: change, export: see }] as const,
  );
  return {
    ...(id === undefined ? {} : { id }),
    key,
    label,
    sets_up: earlier.data.setup ? [...SET_UP_RIGHTS] : [],
    registers: Object.fromEntries(registers),
  };
};
