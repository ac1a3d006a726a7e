import Papa from 'papaparse';
import type { Invites } from '#contract/index.ts';
import type { Role } from '#core/access/index.ts';
import { foldText } from '#core/base/index.ts';

type Invited = Invites['people'][number];

const HEADS: Readonly<Record<string, 'name' | 'email' | 'roles' | 'telephone'>> = {
  name: 'name',
  email: 'email',
  'e-mail': 'email',
  'e-mail address': 'email',
  address: 'email',
  role: 'roles',
  roles: 'roles',
  telephone: 'telephone',
  phone: 'telephone',
};

/** What each column holds: by its head, where the first line is one; else by what stands in it. */
const columnsOf = (rows: readonly (readonly string[])[]): { columns: readonly string[]; hasHead: boolean } => {
  const named = (rows[0] ?? []).map((cell) => HEADS[foldText(cell)] ?? '');
  if (named.includes('email')) return { columns: named, hasHead: true };
  const email = Math.max(
    0,
    (rows[0] ?? []).findIndex((cell) => cell.includes('@')),
  );
  const others = ['name', 'roles', 'telephone'];
  const columns = (rows[0] ?? []).map((_, i) => (i === email ? 'email' : (others.shift() ?? '')));
  return { columns, hasHead: false };
};

/** “Wren Attwater <wren@example.org>”, as it stands in a mail. */
const ADDRESSED = /^\s*"?(?<name>[^"<]*?)"?\s*<(?<email>[^<>]+)>\s*;?\s*$/;

/** The key of a role by what somebody calls it; what names none stays as it was written, and is told of. */
const roleKey = (text: string, roles: readonly Role[]): string =>
  roles.find(({ key, label }) => foldText(label) === foldText(text) || key === text)?.key ?? text;

/**
 * People as they were pasted, or stand in a CSV file: one a line, with a name, an address, roles and a telephone number,
 * parted by commas, semicolons or tabs; with or without a head. Who names no role is given `role`.
 */
export const readPasted = (text: string, roles: readonly Role[], role: string): Invited[] => {
  const { data } = Papa.parse<string[]>(text.trim(), { skipEmptyLines: 'greedy' });
  const rows = data.map((row) => {
    const found = row.length === 1 ? ADDRESSED.exec(row[0] ?? '')?.groups : undefined;
    return found ? [found.name ?? '', found.email ?? ''] : row.map((cell) => cell.trim());
  });
  const { columns, hasHead } = columnsOf(rows);
  const cell = (row: readonly string[], what: string): string => row[columns.indexOf(what)] ?? '';
  return rows.slice(hasHead ? 1 : 0).map((row) => {
    const own = cell(row, 'roles')
      .split(/[,;/]/)
      .map((each) => each.trim())
      .filter(Boolean);
    return {
      name: cell(row, 'name'),
      email: cell(row, 'email'),
      telephone: cell(row, 'telephone'),
      roles: own.length > 0 ? own.map((each) => roleKey(each, roles)) : role === '' ? [] : [role],
    };
  });
};
