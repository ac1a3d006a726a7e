import { queryClient } from './queries.ts';

/** What is read anew together: the first word of a key. */
export type Read =
  | 'counts'
  | 'drafts'
  | 'feeds'
  | 'form'
  | 'imports'
  | 'in-tray'
  | 'jobs'
  | 'kept'
  | 'list-files'
  | 'lists'
  | 'look-up'
  | 'many'
  | 'own-details'
  | 'own-sessions'
  | 'people'
  | 'post-room'
  | 'records'
  | 'routes'
  | 'session'
  | 'set-aside'
  | 'workspace';

/** Has all of some sorts read anew; those that are shown now, before it is done. */
export const readAnew = async (...reads: readonly Read[]): Promise<void> => {
  await Promise.all(reads.map((read) => queryClient.invalidateQueries({ queryKey: [read] })));
};

/** Has all that is known of one register's records read anew. */
export const readRecordsAnew = (register: string): Promise<void> =>
  queryClient.invalidateQueries({ queryKey: ['records', register] });

/** Forgets what a form's look-ups offered. */
export const forgetLookUps = (form: string): Promise<void> => queryClient.resetQueries({ queryKey: ['look-up', form] });

/** Forgets the records that nobody looks at: opened next, one is waited for instead of shown as it was. */
export const forgetRecordsNotShown = (): void =>
  queryClient.removeQueries({
    type: 'inactive',
    predicate: ({ queryKey: [read, , what] }) => read === 'records' && what === 'one',
  });
