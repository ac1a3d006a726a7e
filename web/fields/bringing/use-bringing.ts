import { useMutation } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { call, sendSpreadsheet } from '../../data/client.ts';
import { queries, queryClient } from '../../data/queries.ts';

/** Reads a file in a thread of its own; gives why it is not sent, '' where it is. */
const check = (file: File): Promise<string> =>
  new Promise((resolve, reject) => {
    const worker = new Worker(new URL('./check.worker.ts', import.meta.url), { type: 'module' });
    worker.onmessage = ({ data }: MessageEvent<string>) => {
      worker.terminate();
      resolve(data);
    };
    worker.onerror = () => {
      worker.terminate();
      reject(new Error('This file cannot be read.'));
    };
    worker.postMessage(file);
  });

/** What is brought: a file, or a text that was pasted. */
export type Bringing = { readonly file: File } | { readonly text: string };

/** Brings a spreadsheet: into a register, or to become one. Then it is shown. */
export const useBringing = (into: string | null) => {
  const navigate = useNavigate();
  return useMutation({
    mutationFn: async (bringing: Bringing) => {
      if ('text' in bringing) return call('beginImport', { body: { text: bringing.text, into } });
      const why = await check(bringing.file);
      if (why !== '') throw new Error(why);
      return sendSpreadsheet(bringing.file, into);
    },
    onSuccess: (state) => {
      queryClient.setQueryData(queries.importState(state.id).queryKey, state);
      navigate(`/bring-in/${state.id}`);
    },
  });
};
