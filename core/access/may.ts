import type { Checked } from '../expression/index.ts';
import type { Catalogue, Register } from '../register/index.ts';
import { type CompiledReach, compileReach } from './reach.ts';
import { type Permission, type Role, rightsIn } from './role.ts';
import { everyField, type SeenByRole } from './seen.ts';

/** What one role lets do with a register's records. */
export interface RegisterRights {
  readonly role: Role;
  /** A deed of which no record is right is not among them. */
  readonly deeds: ReadonlyMap<Permission, Exclude<CompiledReach, 'none'>>;
  /** The fields it lets change, by path, on the records it lets change; each always, or while a condition holds. */
  readonly changes: FieldsWritten;
  /** The fields that it lets give a record that is added, through a form too: all that it does not keep from that. */
  readonly gives: FieldsWritten;
  /** Whether it says of a single field that it is not changed, or when: what a form asks does not go past that. */
  readonly speaksOf: (path: string, deed: 'add' | 'change') => boolean;
}

/** Fields that may be written, by path: always, or while a condition holds of the record. */
export type FieldsWritten = ReadonlyMap<string, 'always' | Checked>;

/** A reach that is wrong gives nothing: a condition that cannot be read lets nobody through. */
const reached = (reach: ReturnType<typeof compileReach>): CompiledReach => (reach.ok ? reach.value : 'none');

/** What a role lets do with a register's records; a field that is not seen is not changed. */
export const doingOf = (role: Role, seen: SeenByRole, register: Register, catalogue: Catalogue): RegisterRights => {
  const rights = rightsIn(role, register.key);
  const deeds = new Map<Permission, Exclude<CompiledReach, 'none'>>();
  for (const deed of ['see', 'add', 'change', 'archive', 'export'] as const) {
    const reach = reached(compileReach(rights[deed], register, catalogue));
    if (reach !== 'none') deeds.set(deed, reach);
  }
  const { only } = rights;
  const isSeen = seen.get(register.key)?.fields;
  /** By the path itself, or by that of the rows a field stands in. */
  const names = (paths: readonly string[], path: string): boolean =>
    paths.includes(path) || paths.includes(path.split('.')[0] ?? path);
  const written = (isThere: boolean, isAmong: (path: string) => boolean): FieldsWritten => {
    const fields = new Map<string, 'always' | Checked>();
    for (const { path } of isThere ? everyField(register) : []) {
      if (!isAmong(path) || names(rights.locked, path) || (isSeen && !isSeen.has(path))) continue;
      const when = rights.when[path] ?? rights.when[path.split('.')[0] ?? path];
      const condition = when === undefined ? 'all' : reached(compileReach(when, register, catalogue));
      if (condition !== 'none') fields.set(path, condition === 'all' ? 'always' : condition);
    }
    return fields;
  };
  const changes = written(deeds.has('change'), (path) => only === undefined || names(only, path));
  const gives = written(deeds.size > 0, () => true);
  const speaksOf = (path: string, deed: 'add' | 'change'): boolean =>
    (deed === 'change' && only !== undefined) || names(rights.locked, path) || Object.hasOwn(rights.when, path);
  return { role, deeds, changes, gives, speaksOf };
};
