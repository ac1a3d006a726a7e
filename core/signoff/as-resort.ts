import type { SignOffEvent } from './events.ts';

/** Of each decision, in their order: whether it was given as the last resort, by somebody who was not asked themselves. */
export const decidedAsResort = (events: readonly SignOffEvent[]): boolean[] => {
  const asked = new Map<number, Set<string>>();
  return events.flatMap((event): boolean[] => {
    switch (event.kind) {
      case 'entered':
        asked.set(event.step, new Set(event.asked.map(({ person }) => person)));
        return [];
      case 'left':
        for (const { person } of event.joined) asked.get(event.step)?.add(person);
        return [];
      case 'delegated':
        asked.get(event.step)?.add(event.to);
        return [];
      case 'decided':
        return [asked.get(event.step)?.has(event.for) === false];
      default:
        return [];
    }
  });
};
