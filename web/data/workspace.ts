import { useSuspenseQuery } from '@tanstack/react-query';
import { createContext, useContext, useMemo } from 'react';
import type { Me, WorkspaceAnswer } from '#contract/index.ts';
import type { Clock } from '#core/base/index.ts';
import { toMomentText } from '#core/base/index.ts';
import type { PersonFacts } from '#core/expression/index.ts';
import type { Catalogue } from '#core/register/index.ts';
import { catalogueOf } from '#core/workspace/index.ts';
import { queries } from './queries.ts';

export type KnownWorkspace = WorkspaceAnswer & { readonly clockOffsetMs: number };

const catalogues = new WeakMap<object, Catalogue>();

/** The definitions as this person sees them, compiled to a catalogue once per answer. */
export const useWorkspace = (): { workspace: KnownWorkspace; catalogue: Catalogue } => {
  const { data } = useSuspenseQuery(queries.workspace());
  const catalogue = catalogues.get(data) ?? catalogueOf(data);
  catalogues.set(data, catalogue);
  return { workspace: data, catalogue };
};

/** The clock corrected by the server's. */
export const clockFor = (workspace: KnownWorkspace, offsetMs = workspace.clockOffsetMs): Clock => ({
  now: toMomentText(Date.now() + offsetMs),
  zone: workspace.zone,
  holidays: workspace.holidays,
});

export const MeContext = createContext<Me | null>(null);

/** The person signed in; only below the shell. */
export const useMe = (): Me => {
  const me = useContext(MeContext);
  if (!me) throw new RangeError('nobody is signed in here');
  return me;
};

/** The person signed in, as rules may name them. */
export const useFacts = (): PersonFacts => {
  const me = useMe();
  return useMemo(() => ({ name: me.name, email: me.email, roles: me.roles, record: me.record }), [me]);
};
