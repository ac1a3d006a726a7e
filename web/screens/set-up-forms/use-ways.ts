import { useEffect, useState } from 'react';
import type { Form, Ways } from '#core/form/index.ts';
import { clockFor, type KnownWorkspace } from '../../data/workspace.ts';
import type { WaysAsked } from './ways.worker.ts';

/** The ways of a form, found beside the page's own work; null until they are. */
export const useWays = (form: Form, workspace: KnownWorkspace): Ways | null => {
  const [ways, setWays] = useState<Ways | null>(null);
  useEffect(() => {
    const worker = new Worker(new URL('./ways.worker.ts', import.meta.url), { type: 'module' });
    worker.addEventListener('message', ({ data }: MessageEvent<Ways | null>) => setWays(data));
    const { locale, zone, currency, holidays, people, registers, choice_lists } = workspace;
    const question: WaysAsked = {
      form,
      workspace: { locale, zone, currency, holidays, people, registers, choice_lists },
      clock: clockFor(workspace),
    };
    worker.postMessage(question);
    return () => worker.terminate();
  }, [form, workspace]);
  return ways;
};
