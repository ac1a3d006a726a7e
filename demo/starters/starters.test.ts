import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { roleProblems } from '#core/access/index.ts';
import { compileForm } from '#core/form/index.ts';
import { planChange } from '#core/register/index.ts';
import { compileRoute } from '#core/signoff/index.ts';
import { catalogueOf, inCurrency, workspaceSchema } from '#core/workspace/index.ts';

const FOLDER = 'demo/starters';
const keys = readdirSync(FOLDER, { withFileTypes: true }).flatMap((each) => (each.isDirectory() ? [each.name] : []));

test('there are three sets to begin with', () => expect(keys.toSorted()).toEqual(['bookings', 'club', 'office']));

describe.each(keys)('the set %s', (key) => {
  const file = workspaceSchema.parse(JSON.parse(readFileSync(`${FOLDER}/${key}/workspace.json`, 'utf8')));
  const catalogue = catalogueOf(file);

  test('fits together: registers, forms, routes and roles', () => {
    const nothing = { ...catalogue, registers: new Map(), choiceLists: new Map() };
    const plan = planChange(nothing, catalogue);
    expect(plan.ok ? [] : plan.problems).toEqual([]);
    for (const form of file.forms) {
      const compiled = compileForm(form, catalogue);
      expect([form.key, compiled.ok ? [] : compiled.problems]).toEqual([form.key, []]);
    }
    const roles = new Map(file.roles.map((role) => [role.key, role]));
    for (const route of file.routes) expect(compileRoute(route, catalogue, roles).ok).toBe(true);
    for (const role of file.roles) expect([role.key, roleProblems(role, catalogue)]).toEqual([role.key, []]);
  });

  test('lets somebody set everything up, and every form be filled in by somebody', () => {
    expect(file.roles.some(({ sets_up: setsUp }) => setsUp.length === 3)).toBe(true);
    for (const form of file.forms) expect([form.key, form.fill_in_by.length > 0]).toEqual([form.key, true]);
  });

  test('counts in another currency where the organisation does', () => {
    const text = JSON.stringify(inCurrency(file, 'SEK'));
    expect(text).toContain('"currency":"SEK"');
    expect(text).not.toContain('GBP');
  });
});
