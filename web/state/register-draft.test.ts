import { describe, expect, test } from 'vitest';
import { nearMisses } from '#core/register/example.arb.ts';
import { registerSchema } from '#core/register/index.ts';
import { newDraft, newField, toChoiceList, toDraft, toRegister } from './register-draft.ts';

describe('a register being made', () => {
  test('keys come from labels, and no two are the same', () => {
    const draft = {
      ...newDraft(),
      singular: 'Near miss',
      plural: 'Near misses',
      mark: 'nea',
      fields: ['Cost', 'Cost', 'Today'].map((label) => ({ ...newField(), label })),
    };
    const register = toRegister(draft, new Set(['near_misses']));
    expect(register.key).toBe('near_misses_2');
    expect(register.mark).toBe('NEA');
    expect(register.fields.map((field) => field.key)).toEqual(['cost', 'cost_2', 'today_2']);
  });

  test('a stored register goes through the editor unchanged', () => {
    expect(toRegister(toDraft(nearMisses), new Set())).toEqual(nearMisses);
    expect(registerSchema.safeParse(toRegister(toDraft(nearMisses), new Set())).success).toBe(true);
  });

  test('a choice list takes one choice a line', () => {
    expect(toChoiceList('Severity', 'Scare\n\n Damage \nDamage', new Set(['severity'])).choices).toEqual([
      { code: 'scare', label: 'Scare' },
      { code: 'damage', label: 'Damage' },
      { code: 'damage_2', label: 'Damage' },
    ]);
  });
});
