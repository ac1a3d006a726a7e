import { everyField, fieldLabel, ownerOf, pathOf, type Role, type SeenByRole, seenByRole } from '../access/index.ts';
import { joinWords } from '../base/index.ts';
import { checkExpression, type Vocabulary } from '../expression/index.ts';
import { type Catalogue, type Register, vocabularyOf } from '../register/index.ts';
import { linkIn, PEOPLE } from '../values/index.ts';
import type { Needs } from './needs.ts';

/** A role with what it sees. */
interface Onlooker {
  readonly role: Role;
  readonly seen: SeenByRole;
}

/** A step of a route: whose it is, and when it is taken. */
interface SigningStep {
  readonly role: string;
  readonly condition: string | null;
}

/** What is about to be published: a form with who may fill it in, or a route with its steps. */
export interface Published {
  readonly register: Register;
  readonly catalogue: Catalogue;
  readonly roles: readonly Role[];
  /** The fields that the forms ask that signers are shown. */
  readonly asked: readonly string[];
  /** The roles that may fill in, where a form is published, and whether it changes records. */
  readonly senders: readonly string[];
  readonly changes: boolean;
  readonly steps: readonly SigningStep[];
  /** Where a form is published: what its rules, fills and look-ups read. */
  readonly needs?: Needs;
}

const isOutside = (to: string | undefined, seen: SeenByRole): boolean =>
  to !== undefined && to !== PEOPLE && !to.includes('.') && !seen.has(to);

/** The own fields a condition reads, by their keys. */
const fieldsRead = (condition: string, vocabulary: Vocabulary): readonly string[] => {
  const checked = checkExpression(condition, vocabulary, { kind: 'condition' });
  return checked.ok ? checked.value.reads.flatMap(([name]) => name ?? []) : [];
};

const seesAll = (role: Role): boolean => role.sets_up.includes('registers') || role.sets_up.includes('forms');

/** The fields a form's rules read that a role sees nowhere, each with its register: "Cost price of Stock". */
const unseenNeeds = ({ seen }: Onlooker, { register, catalogue, asked, needs }: Published): string[] =>
  [...(needs ?? [])].flatMap(([place, keys]) => {
    const owner = catalogue.registers.get(ownerOf(place));
    const fields = owner && seen.get(owner.key)?.fields;
    // What of a register is not seen at all is told by its name.
    if (!owner || !fields) return [];
    const isAsked = (path: string): boolean => owner === register && asked.includes(path.split('.')[0] ?? path);
    return [...keys].flatMap((key) => {
      const path = pathOf(place, key);
      const isField = everyField(owner).some((each) => each.path === path);
      return !isField || fields.has(path) || isAsked(path) ? [] : [`${fieldLabel(owner, path)} of ${owner.plural}`];
    });
  });

/**
 * Which senders and signers will not see what they need, a sentence each: records behind a number, fields that a step is
 * taken by or a rule reads, what links lead to.
 */
export const blindSpots = (published: Published): readonly string[] => {
  const { register, catalogue, roles, asked, senders, changes, steps } = published;
  const vocabulary = vocabularyOf(register, catalogue);
  const plain = roles
    .filter((role) => !seesAll(role))
    .map((role): Onlooker => ({ role, seen: seenByRole(role, catalogue) }));
  const isBlind = ({ seen }: Onlooker): boolean => !seen.has(register.key);
  const labelsOf = (keys: readonly string[]) =>
    register.fields.filter(({ key }) => keys.includes(key)).map(({ label }) => label);
  const sends = ({ role }: Onlooker): boolean => senders.includes(role.key);
  const sending = plain.filter(sends).flatMap((one) => {
    const { label } = one.role;
    if (isBlind(one))
      return changes
        ? [`${label} does not see ${register.plural}, and so cannot open a record to change it.`]
        : [`${label} gets a number for what is sent, and does not see the record behind it.`];
    if (one.seen.get(register.key)?.where === 'all' || changes) return [];
    return [
      `${label} sees only some ${register.plural}: of what is sent outside these they get a number, and no record behind it.`,
    ];
  });
  const signing = plain.filter(isBlind).flatMap(({ role }) => {
    const own = steps.filter((step) => step.role === role.key);
    if (own.length === 0) return [];
    const hidden = labelsOf(own.flatMap((step) => fieldsRead(step.condition ?? '', vocabulary))).filter(
      (label) => !labelsOf(asked).includes(label),
    );
    const reason = hidden.length === 0 ? '' : ` Not ${joinWords(hidden, 'or')}, by which it is decided who signs.`;
    return [`${role.label} signs, and sees of a record what the form asks, while it waits for them.${reason}`];
  });
  const parts = (one: Onlooker): boolean => sends(one) || steps.some((step) => step.role === one.role.key);
  const hidden = plain
    .filter((one) => parts(one) && !isBlind(one))
    .flatMap(({ role, seen }) => {
      const fields = seen.get(register.key)?.fields;
      // What links to a register that is not seen is told with that.
      const leadsOut = register.fields
        .filter(({ type }) => isOutside(linkIn(type)?.register, seen))
        .map(({ key }) => key);
      const unseen = labelsOf(asked.filter((key) => !fields?.has(key) && !leadsOut.includes(key)));
      if (unseen.length === 0) return [];
      return [
        `${role.label} does not see ${joinWords(unseen, 'or')}, which is asked: there they answer it, and find it nowhere else.`,
      ];
    });
  const reading = plain.filter(sends).flatMap((one) => {
    const unseen = unseenNeeds(one, published);
    if (unseen.length === 0) return [];
    return [
      `${one.role.label} does not see ${joinWords(unseen, 'or')}, which the form’s rules and look-ups read: the form works with it all the same, and shows what it fills in.`,
    ];
  });
  const targets = [
    ...new Set(
      register.fields.flatMap(({ key, type }) => {
        const to = asked.includes(key) ? linkIn(type)?.register : undefined;
        return to === undefined || to === PEOPLE || to === register.key ? [] : [to];
      }),
    ),
  ];
  const linked = plain
    .filter((one) => !isBlind(one) && parts(one))
    .flatMap(({ role, seen }) => {
      const unseen = targets.filter((to) => !seen.has(to)).flatMap((to) => catalogue.registers.get(to)?.plural ?? []);
      return unseen.length === 0
        ? []
        : [
            `${role.label} does not see ${joinWords(unseen, 'or')}: what links there is not shown in lists and records.`,
          ];
    });
  return [...sending, ...signing, ...hidden, ...reading, ...linked];
};
