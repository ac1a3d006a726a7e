import { useEffect } from 'react';
import { LIVE_PATH, type LiveEvent } from '#contract/index.ts';
import { queries, queryClient } from './queries.ts';
import { readAnew, readRecordsAnew } from './read-anew.ts';

/** What a live event makes stale here. `again`: there was a gap, so everything open is fetched anew. */
const react = (message: string): void => {
  if (message === 'again') return void queryClient.invalidateQueries();
  const event: LiveEvent = JSON.parse(message);
  switch (event.kind) {
    case 'records':
      void readRecordsAnew(event.register);
      void readAnew('look-up');
      break;
    case 'in_tray':
      void readAnew('in-tray');
      break;
    case 'workspace':
      void readAnew('workspace', 'routes', 'people', 'records', 'lists', 'counts', 'form');
      break;
    case 'counts':
      queryClient.setQueryData(queries.counts().queryKey, (known) =>
        known ? { counts: { ...known.counts, ...event.counts } } : known,
      );
      break;
    case 'lists':
      void readAnew('lists');
      break;
    case 'job':
      void readAnew('jobs', 'many', 'list-files');
      break;
    case 'draft':
      void readAnew('drafts', 'routes');
      // Whoever has it open goes on with their own; it is asked anew when its editor is opened next.
      void queryClient.invalidateQueries({ queryKey: ['draft', event.form], refetchType: 'none' });
      break;
  }
};

/** Opens the stream and passes on what it says, until the signal. */
const listen = (signal: AbortSignal, pass: (message: string) => void): Promise<void> =>
  new Promise((resolve) => {
    // A lock may still be granted to a window that has just let go.
    if (signal.aborted) return resolve();
    const source = new EventSource(LIVE_PATH);
    let opened = false;
    source.onopen = () => {
      if (opened) pass('again');
      opened = true;
    };
    source.addEventListener('again', () => pass('again'));
    source.onmessage = (message: MessageEvent<string>) => pass(message.data);
    signal.addEventListener('abort', () => {
      source.close();
      resolve();
    });
  });

/**
 * One stream for all windows of a browser: whoever holds the lock listens and tells the others. A browser keeps only
 * six connections to a server (HTTP/1.1), so a stream for each window would leave the seventh hanging.
 */
const share = (signal: AbortSignal): void => {
  const channel = new BroadcastChannel('iolite-live');
  channel.onmessage = (message: MessageEvent<string>) => react(message.data);
  signal.addEventListener('abort', () => channel.close());
  const pass = (message: string) => {
    react(message);
    if (!signal.aborted) channel.postMessage(message);
  };
  // Only a secure context has locks; elsewhere each window listens for itself.
  if (!('locks' in navigator)) return void listen(signal, pass);
  navigator.locks
    .request('iolite-live', { signal }, () => {
      // The window that listened before may have missed something while it went.
      react('again');
      return listen(signal, pass);
    })
    .catch(() => undefined);
};

/** Listens while someone is signed in. A page that is put aside by the browser lets its connection go. */
export const useLiveEvents = (signedIn: boolean): void => {
  useEffect(() => {
    if (!signedIn) return;
    let stop = new AbortController();
    const begin = () => {
      stop = new AbortController();
      share(stop.signal);
    };
    const end = () => stop.abort();
    const back = (event: PageTransitionEvent) => {
      if (!event.persisted) return;
      begin();
      react('again');
    };
    begin();
    window.addEventListener('pagehide', end);
    window.addEventListener('pageshow', back);
    return () => {
      end();
      window.removeEventListener('pagehide', end);
      window.removeEventListener('pageshow', back);
    };
  }, [signedIn]);
};
