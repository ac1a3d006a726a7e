import { z } from 'zod';
import { keySchema, labelSchema } from '../values/index.ts';

/** What is looked at of a register, and how: each part as an address says it. */
export const viewSchema = z.strictObject({
  /** A FEEL condition; '' for all. */
  filter: z.string().max(10_000).default(''),
  find: z.string().max(200).default(''),
  /** Fields, paths across links or `number`, by commas, each with `-` before it for descending. */
  sort: z.string().max(600).default('-number'),
  /** The fields that are shown, by commas; '' for those the register says. */
  columns: z.string().max(4000).default(''),
  /** `client,due:month` */
  by: z.string().max(600).default(''),
  /** `sum:gross,middle:gross` */
  totals: z.string().max(1000).default(''),
  /** Whether what was archived is shown instead. */
  archived: z.enum(['yes', 'no']).default('no'),
  /** Columns that are worked out for it alone, as JSON: `[{"key":"here_1","label":"…","formula":"…","gives":{…}}]`. */
  worked: z.string().max(30_000).default(''),
  /** How it is drawn: `table`, `cards`, `board:state`, `calendar:begins/ends:month`, `map:position`. */
  look: z.string().max(200).default('table'),
  /** Rules to mark records by, as JSON: `[{"colour":"brick","when":"days_late > 30"}]`. */
  marks: z.string().max(12_000).default(''),
  /** How wide columns are, in pixels, where they are not as wide as usual: `name:240,shelf:80`. */
  widths: z.string().max(2000).default(''),
  /** How many of the columns stay at the left, besides the number. */
  kept: z.enum(['0', '1', '2', '3']).default('0'),
});
/** What is looked at of a register, and how. */
export type View = z.infer<typeof viewSchema>;

/** The parts of a view, as an address names them. */
export const VIEW_PARTS = [
  'filter',
  'find',
  'sort',
  'columns',
  'by',
  'totals',
  'archived',
  'worked',
  'look',
  'marks',
  'widths',
  'kept',
] as const satisfies readonly (keyof View)[];

/** The key of a list that is one person's own says so, and cannot be guessed. */
export const OWN_LIST_KEY = /^own_[0-9a-f]{32}$/;

/** A key for a list of one's own, of 16 bytes of chance. */
export const ownListKey = (random: Uint8Array): string =>
  `own_${Array.from(random, (byte) => byte.toString(16).padStart(2, '0')).join('')}`;

const rolesSchema = z.array(keySchema).max(200).default([]);

/** A list: a way of looking at a register that was kept, for oneself or for roles. */
export const listSchema = z
  .strictObject({
    key: keySchema,
    label: labelSchema,
    register: keySchema,
    view: viewSchema.prefault({}),
    /** The roles it is shared with. Of a person's own list none. */
    shared_with: rolesSchema,
    /** The roles for which the register opens with it. */
    first_for: rolesSchema,
    /** The roles that find it on Today. */
    pinned_for: rolesSchema,
    /** Whether its tab says how many it holds. */
    counted: z.boolean().default(false),
  })
  .refine(
    ({ key, shared_with: roles }) => OWN_LIST_KEY.test(key) === (roles.length === 0),
    'A list is shared with a role, or it is one person’s own and its key begins with “own_”.',
  )
  .refine(
    ({ shared_with: roles, first_for: first, pinned_for: pinned }) =>
      [...first, ...pinned].every((role) => roles.includes(role)),
    'A list that opens first, or is pinned, for a role is shared with it.',
  );
/** A list: a way of looking at a register that was kept. */
export type List = z.infer<typeof listSchema>;
