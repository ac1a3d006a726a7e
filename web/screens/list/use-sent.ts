import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import type { CsvState } from '#contract/index.ts';
import { isOver, queries, queryClient } from '../../data/queries.ts';

/** A file that was sent, as it comes along; null while none was. */
export const useSent = (id: string | null): CsvState | null => {
  const { data } = useQuery({ ...queries.csvState(id ?? ''), enabled: id !== null });
  return id === null ? null : (data ?? null);
};

/** Whoever goes away from a rehearsal needs it no more. */
export const useEndsWithWindow = (id: string | null): void => {
  useEffect(() => {
    if (id === null) return;
    const end = () => void fetch(`/api/jobs/${id}`, { method: 'DELETE', keepalive: true }).catch(() => undefined);
    window.addEventListener('pagehide', end);
    return () => {
      window.removeEventListener('pagehide', end);
      const state = queryClient.getQueryData(queries.csvState(id).queryKey);
      if (!state || !isOver(state)) end();
    };
  }, [id]);
};
