import { useEffect } from 'react';
import { LIVE_PATH, liveEventSchema } from '#contract/index.ts';
import { queryClient } from './queries.ts';

const refresh = (...key: string[]): void => void queryClient.invalidateQueries({ queryKey: key });

/** Listens while someone is signed in; what changed elsewhere is fetched again. After a gap, everything open is. */
export const useLiveEvents = (signedIn: boolean): void => {
  useEffect(() => {
    if (!signedIn) return;
    const source = new EventSource(LIVE_PATH);
    let opened = false;
    source.onopen = () => {
      if (opened) void queryClient.invalidateQueries();
      opened = true;
    };
    source.addEventListener('again', () => void queryClient.invalidateQueries());
    source.onmessage = (message) => {
      const event = liveEventSchema.safeParse(JSON.parse(message.data));
      if (!event.success) return;
      switch (event.data.kind) {
        case 'records':
          refresh('records', event.data.register);
          refresh('look-up');
          refresh('workspace');
          break;
        case 'in_tray':
          refresh('in-tray');
          break;
        case 'workspace':
          refresh('workspace');
          refresh('form');
          break;
      }
    };
    return () => source.close();
  }, [signedIn]);
};
