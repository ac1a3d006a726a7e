import { joinWords } from '../base/index.ts';
import { checkExpression, type Vocabulary } from '../expression/index.ts';
import { type Catalogue, type Register, vocabularyOf } from '../register/index.ts';
import { linkIn, PEOPLE } from '../values/index.ts';

/** A role, and the registers it sees. */
export interface Onlooker {
  readonly key: string;
  readonly label: string;
  readonly setup: boolean;
  readonly sees: readonly string[];
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
  readonly roles: readonly Onlooker[];
  /** The fields that the forms ask that signers are shown. */
  readonly asked: readonly string[];
  /** The roles that may fill in, where a form is published, and whether it changes records. */
  readonly senders: readonly string[];
  readonly changes: boolean;
  readonly steps: readonly SigningStep[];
}

/** The own fields a condition reads, by their keys. */
const fieldsRead = (condition: string, vocabulary: Vocabulary): readonly string[] => {
  const checked = checkExpression(condition, vocabulary, { kind: 'condition' });
  return checked.ok ? checked.value.reads.flatMap(([name]) => name ?? []) : [];
};

/**
 * Which senders and signers will not see what they need, a sentence each: records behind a number, fields that a step is
 * taken by, what links lead to.
 */
export const blindSpots = ({
  register,
  catalogue,
  roles,
  asked,
  senders,
  changes,
  steps,
}: Published): readonly string[] => {
  const vocabulary = vocabularyOf(register, catalogue);
  const plain = roles.filter((role) => !role.setup);
  const isBlind = (role: Onlooker): boolean => !role.sees.includes(register.key);
  const labelsOf = (keys: readonly string[]) =>
    register.fields.filter(({ key }) => keys.includes(key)).map(({ label }) => label);
  const sending = plain
    .filter((role) => senders.includes(role.key) && isBlind(role))
    .map(({ label }) =>
      changes
        ? `${label} does not see ${register.plural}, and so cannot open a record to change it.`
        : `${label} gets a number for what is sent, and does not see the record behind it.`,
    );
  const signing = plain.filter(isBlind).flatMap((role) => {
    const own = steps.filter((step) => step.role === role.key);
    if (own.length === 0) return [];
    const hidden = labelsOf(own.flatMap((step) => fieldsRead(step.condition ?? '', vocabulary))).filter(
      (label) => !labelsOf(asked).includes(label),
    );
    const reason = hidden.length === 0 ? '' : ` Not ${joinWords(hidden, 'or')}, by which it is decided who signs.`;
    return [`${role.label} signs, and sees of a record what the form asks, while it waits for them.${reason}`];
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
    .filter((role) => !isBlind(role) && (senders.includes(role.key) || steps.some((step) => step.role === role.key)))
    .flatMap((role) => {
      const unseen = targets
        .filter((to) => !role.sees.includes(to))
        .flatMap((to) => catalogue.registers.get(to)?.plural ?? []);
      return unseen.length === 0
        ? []
        : [
            `${role.label} does not see ${joinWords(unseen, 'or')}: what links there is not shown in lists and records.`,
          ];
    });
  return [...sending, ...signing, ...linked];
};
