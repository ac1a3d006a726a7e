import { joinWords, type Problem, problem, within } from '../base/index.ts';
import { noteFieldsRead } from '../expression/index.ts';
import { type Catalogue, isWritable, type Register } from '../register/index.ts';
import { workedOutIn } from '../values/index.ts';
import { compileReach } from './reach.ts';
import { DEEDS, type RecordCondition, type Role } from './role.ts';
import { everyField, ownerOf, pathOf, seenByRole, whyNotWorkedOut } from './seen.ts';

/** What is wrong with a role: what it names that is not there, and conditions that are wrong, each at its place. */
export const roleProblems = (role: Role, catalogue: Catalogue): Problem[] =>
  Object.entries(role.registers).flatMap(([key, rights]): Problem[] => {
    const register = catalogue.registers.get(key);
    const at = ['registers', key];
    if (!register) return [problem('unknown_register', at, `There is no register “${key}”.`)];
    const fields = new Map(everyField(register).map((each) => [each.path, each.field]));
    const conditions = (where: readonly (string | number)[], reach: RecordCondition): Problem[] => {
      const compiled = compileReach(reach, register, catalogue);
      return compiled.ok ? [] : within([...at, ...where], compiled.problems);
    };
    const named = (list: 'hidden' | 'results' | 'only' | 'locked'): Problem[] =>
      (rights[list] ?? []).flatMap((path, i) => {
        const field = fields.get(path);
        if (!field) return [problem('unknown_field', [...at, list, i], `${register.plural} have no field “${path}”.`)];
        if (list === 'results' && !workedOutIn(field.type))
          return [
            problem('no_result', [...at, list, i], `${field.label} is not worked out: it is seen, or it is not.`),
          ];
        if (list === 'only' && !isWritable(field))
          return [problem('not_written', [...at, list, i], `${field.label} is worked out: nobody changes it.`)];
        return [];
      });
    return [
      ...DEEDS.flatMap((deed) => conditions([deed], rights[deed])),
      ...named('hidden'),
      ...named('results'),
      ...named('only'),
      ...named('locked'),
      ...Object.entries(rights.when).flatMap(([path, condition]) =>
        fields.has(path)
          ? conditions(['when', path], condition)
          : [problem('unknown_field', [...at, 'when', path], `${register.plural} have no field “${path}”.`)],
      ),
    ];
  });

const labelOf = (register: Register, path: string): string => {
  const found = everyField(register).find((each) => each.path === path);
  return found?.field.label ?? path;
};

/**
 * What a role does that whoever makes it may not expect, a sentence each: conditions over what it hides, results that go
 * with what they are worked out from, records that one adds or changes and does not see.
 */
export const roleWarnings = (role: Role, catalogue: Catalogue): string[] => {
  const seen = seenByRole(role, catalogue);
  return Object.entries(role.registers).flatMap(([key, rights]): string[] => {
    const register = catalogue.registers.get(key);
    if (!register) return [];
    const hidden = new Set(rights.hidden);
    const overHidden = DEEDS.flatMap((deed) => {
      const compiled = compileReach(rights[deed], register, catalogue);
      if (!compiled.ok || typeof compiled.value === 'string') return [];
      const read: string[] = [];
      noteFieldsRead(compiled.value.term, key, (owner, field) => {
        if (ownerOf(owner) === key && hidden.has(pathOf(owner, field))) read.push(pathOf(owner, field));
      });
      return read;
    });
    const labels = [...new Set(overHidden)].map((path) => labelOf(register, path));
    const unseen = everyField(register).flatMap(({ in: place, field, path }) => {
      const why = whyNotWorkedOut(role, seen, place, field, catalogue);
      if (!why) return [];
      const what = [
        ...why.fields.flatMap((each) => {
          // What stands in a register of which not all is seen is told with that.
          if (why.registers.includes(ownerOf(each.register))) return [];
          const owner = catalogue.registers.get(ownerOf(each.register));
          return owner ? [labelOf(owner, pathOf(each.register, each.key))] : [];
        }),
        ...why.registers.flatMap((each) => {
          const plural = catalogue.registers.get(each)?.plural;
          return plural === undefined ? [] : [`${plural}, of which ${role.label} does not see all`];
        }),
      ];
      return [
        `${labelOf(register, path)} reads ${joinWords(what, 'and')}, so it is absent from ${register.plural} too, unless ${role.label} sees the result of it.`,
      ];
    });
    const blind =
      rights.see === false && (rights.change !== false || rights.archive !== false || rights.export !== false)
        ? [
            `${role.label} may change, archive or export ${register.plural} and does not see them, which comes to nothing.`,
          ]
        : [];
    return [
      ...(labels.length > 0
        ? [
            `Which ${register.plural} ${role.label} sees follows from ${joinWords(labels, 'and')}, which it does not see.`,
          ]
        : []),
      ...unseen,
      ...blind,
    ];
  });
};
