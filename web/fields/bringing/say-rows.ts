import type { ImportState } from '#contract/index.ts';

/** What became of the rows of a file, in words. */
export const sayRows = (state: ImportState, locale: string): string => {
  const said = (count: number) => count.toLocaleString(locale);
  const { undone } = state;
  if (undone) {
    const parts = [`${said(undone.archived)} archived`, `${said(undone.changed)} changed back`];
    if (undone.refused.length > 0) parts.push(`${said(undone.refused.length)} could not be`);
    return parts.join(', ');
  }
  const parts = [
    `${said(state.added)} added`,
    `${said(state.changed)} changed`,
    `${said(state.unchanged)} as they are`,
  ];
  if (state.refused_count > 0) parts.push(`${said(state.refused_count)} stayed out`);
  return parts.join(', ');
};
