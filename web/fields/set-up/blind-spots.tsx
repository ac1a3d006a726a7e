import { rightsIn, withRights } from '#core/access/index.ts';
import { blindSpots, type Needs } from '#core/form/index.ts';
import type { Register } from '#core/register/index.ts';
import { useWorkspace } from '../../data/workspace.ts';

interface Props {
  readonly register: Register;
  readonly asked: readonly string[];
  readonly senders: readonly string[];
  readonly changes: boolean;
  readonly steps: readonly { readonly role: string; readonly condition: string | null }[];
  /** The roles that will see the register, where that is about to change. */
  readonly seers?: ReadonlySet<string>;
  /** Where a form is published: what its rules read. */
  readonly needs?: Needs;
}

/** What senders and signers will not see of what they may need, said before it is published. */
export const BlindSpots = ({ seers, ...published }: Props) => {
  const { workspace, catalogue } = useWorkspace();
  const { key } = published.register;
  const roles = workspace.roles.map((role) => {
    if (!seers || seers.has(role.key) === (rightsIn(role, key).see !== false)) return role;
    return withRights(role, key, (rights) => ({ ...rights, see: seers.has(role.key) }));
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
