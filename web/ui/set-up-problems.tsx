import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { ProblemError, sayError } from '../data/client.ts';
import { type KnownWorkspace, useWorkspace } from '../data/workspace.ts';

/** Where a problem of a change to the set-up stands: what uses what shall be changed, and where that is mended. */
interface Place {
  readonly of: string;
  readonly label: string;
  readonly to: string;
}

/** The parts of a pointer into the set-up (RFC 6901): `#/forms/boat_arrival/questions/3`. */
const partsOf = (pointer: string): string[] =>
  pointer
    .replace(/^#?\//, '')
    .split('/')
    .map((part) => decodeURIComponent(part).replaceAll('~1', '/').replaceAll('~0', '~'));

const placeOf = (pointer: string, { forms, routes, registers, choice_lists: lists }: KnownWorkspace): Place | null => {
  const [kind, key = ''] = partsOf(pointer);
  const at = encodeURIComponent(key);
  switch (kind) {
    case 'forms': {
      const label = forms.find(({ form }) => form.key === key)?.form.label;
      return { of: 'The form', label: label ?? key, to: `/set-up/forms/${at}` };
    }
    case 'routes': {
      const label = routes.find(({ route }) => route.key === key)?.route.label;
      return { of: 'The route', label: label ?? key, to: `/set-up/routes/${at}` };
    }
    case 'roles':
      return Number.isInteger(Number(key)) ? null : { of: 'The role', label: key, to: `/set-up/people/${at}` };
    case 'registers': {
      const register = registers.find((each) => each.key === key);
      return register ? { of: 'The register', label: register.plural, to: `/set-up/registers/${at}` } : null;
    }
    case 'choice_lists': {
      const list = lists.find((each) => each.key === key);
      return list ? { of: 'The choice list', label: list.label, to: `/set-up/choice-lists/${at}` } : null;
    }
    default:
      return null;
  }
};

/** Which rule of a register it is about: "Rule 2: "; nothing where it is about none. */
const ruleOf = (pointer: string): string => {
  const [, , what, at] = partsOf(pointer);
  return what === 'constraints' && at !== undefined ? `Rule ${Number(at) + 1}: ` : '';
};

interface Props {
  readonly error: unknown;
  /** The address of what is being changed: its own problems name no other place. */
  readonly own?: string;
}

/** Why a change to the set-up is refused: what uses what, each with the way to where it is mended. */
export const SetUpProblems = ({ error, own }: Props) => {
  const { workspace } = useWorkspace();
  if (!error) return null;
  const errors = error instanceof ProblemError ? (error.answer.errors ?? []) : [];
  const places = new Map<string, { readonly place: Place | null; readonly details: string[] }>();
  for (const { pointer, detail: told } of errors) {
    const detail = `${ruleOf(pointer)}${told}`;
    const found = placeOf(pointer, workspace);
    const place = found?.to === own ? null : found;
    const known = places.get(place?.to ?? '') ?? { place, details: [] };
    places.set(place?.to ?? '', { place, details: [...known.details, detail] });
  }
  const said = ({ place, details }: { place: Place | null; details: readonly string[] }): ReactNode => (
    <>
      {place && (
        <>
          {place.of}{' '}
          <Link className="part" to={place.to}>
            {place.label}
          </Link>
          {': '}
        </>
      )}
      {[...new Set(details)].join(' ')}
    </>
  );
  const [first, ...others] = [...places.values()];
  return (
    <div role="alert" className="my-3 border-l-4 border-brick bg-brick-wash px-3 py-2 text-brick">
      <p className="font-semibold">{first && others.length === 0 ? said(first) : sayError(error)}</p>
      {others.length > 0 && (
        <ul className="ml-4 list-disc">
          {[...places].map(([key, each]) => (
            <li key={key}>{said(each)}</li>
          ))}
        </ul>
      )}
    </div>
  );
};
