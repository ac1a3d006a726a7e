import { formIdOf } from '../definitions/ids.ts';
import type { Followed, Follower, RecordEvent } from '../records/commands/index.ts';
import type { Work } from '../records/work.ts';
import { enterRoute, findSignOff } from './enter.ts';

const formOf = ({ definitions }: Work, { by }: RecordEvent): string | null =>
  by.form ? formIdOf(definitions, by.form.key) : null;

/** New records go round, one after the other; what is brought in from elsewhere was signed there, or never. */
const begin = async (work: Work, event: RecordEvent & { kind: 'added' }): Promise<Followed> => {
  if (event.by.action === 'imported') return {};
  let goesTo: string | null = null;
  for (const { id, values } of event.records)
    goesTo = await enterRoute(work, {
      register: event.register,
      id,
      values,
      form: formOf(work, event),
      old: await findSignOff(work.db, id),
    });
  return { goesTo };
};

/** A change starts a new round when it was sent again, or a field the route watches now holds something else. */
const goOn = async (work: Work, event: RecordEvent & { kind: 'changed' }): Promise<Followed> => {
  const { register, id, values, by } = event;
  const route = work.definitions.routes.get(register.key)?.document;
  const old = route ? await findSignOff(work.db, id) : null;
  const again = { register, id, values, form: formOf(work, event), old };
  if (by.action === 'sent_again') return { goesTo: await enterRoute(work, again) };
  if (!route || old?.stage === 'sent_back') return {};
  // What never went round goes now where it is due by what was changed; what stood before the route did stays.
  const watched = old ? route.watched : route.asked;
  const isWatched = Object.keys(event.changes).some((field) => watched.has(field));
  return isWatched ? { goesTo: await enterRoute(work, again) } : {};
};

/** Lets records go round their register's route, whichever way they were written. */
export const signOffFollower: Follower = {
  name: 'sign-off',
  follow: async (work, event) => {
    if (!work.definitions.routes.has(event.register.key)) return {};
    switch (event.kind) {
      case 'added':
        return begin(work, event);
      case 'changed':
        return goOn(work, event);
      case 'archived':
      case 'brought_back':
      case 'decided':
        return {};
    }
  },
};
