import { blindSpots } from '#core/form/index.ts';
import type { Register } from '#core/register/index.ts';
import { useWorkspace } from '../data/workspace.ts';

interface Props {
  readonly register: Register;
  readonly asked: readonly string[];
  readonly senders: readonly string[];
  readonly changes: boolean;
  readonly steps: readonly { readonly role: string; readonly condition: string | null }[];
  /** The roles that will see the register, where that is about to change. */
  readonly seers?: ReadonlySet<string>;
}

/** What senders and signers will not see of what they may need, said before it is published. */
export const BlindSpots = ({ seers, ...published }: Props) => {
  const { workspace, catalogue } = useWorkspace();
  const { key } = published.register;
  const roles = workspace.roles.map((role) => {
    if (!seers) return role;
    const others = role.sees.filter((each) => each !== key);
    return { ...role, sees: seers.has(role.key) ? [...others, key] : others };
  });
  const told = blindSpots({ ...published, catalogue, roles });
  return told.length === 0 ? null : (
    <ul
      className="my-3 border-l-4 border-straw bg-straw-wash px-3 py-2"
      aria-label="Who will not see what they may need"
    >
      {told.map((each) => (
        <li key={each}>{each}</li>
      ))}
    </ul>
  );
};
