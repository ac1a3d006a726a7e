import type { Who } from '#core/signoff/index.ts';
import { PickPart } from '../../ui/pick-parts.tsx';
import { type Known, personPaths, sayWhoShort, signerRegisters, signersOf } from './editing.ts';

interface Props {
  readonly who: Who;
  readonly known: Known;
  readonly what: string;
  /** Only roles and people: who signs in the last resort follows from no record. */
  readonly plain?: boolean;
  readonly onChange: (who: Who, label: string) => void;
}

const nameOf = (who: Who): string => {
  switch (who.kind) {
    case 'role':
      return `role ${who.role}`;
    case 'person':
      return `person ${who.person}`;
    case 'field':
      return `field ${who.path}`;
    case 'signers':
      return `signers ${who.register}`;
  }
};

/** Everyone a step can be given to. */
const choicesOf = (known: Known, plain: boolean): { readonly who: Who; readonly label: string }[] => [
  ...known.workspace.roles.map((role) => ({ who: { kind: 'role', role: role.key } as const, label: role.label })),
  ...known.people.map(({ id, name }) => ({ who: { kind: 'person', person: id } as const, label: name })),
  ...(plain
    ? []
    : [
        ...personPaths(known).map(({ path, label }) => ({
          who: { kind: 'field', path } as const,
          label: `whoever ${label} names`,
        })),
        ...signerRegisters(known).map(({ register, person }) => ({
          who: signersOf(known, register, person),
          label: `whom ${register.plural} name`,
        })),
      ]),
];

/** Who signs: a role, a person, whom a field names, or whom a register of signers names. */
export const WhoPart = ({ who, known, what, plain = false, onChange }: Props) => {
  const choices = choicesOf(known, plain);
  return (
    <PickPart
      text={sayWhoShort(who, known)}
      what={what}
      options={choices.map((each) => ({ value: nameOf(each.who), label: each.label }))}
      chosen={nameOf(who)}
      onPick={(name) => {
        const found = choices.find((each) => nameOf(each.who) === name);
        if (found) onChange(found.who, found.label);
      }}
    />
  );
};
