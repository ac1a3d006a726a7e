const MOST_RECENT = 5;

const place = (person: string, register: string): string => `iolite recent ${person} ${register}`;

/** The records of a register that a person chose last on this device, the newest first. */
export const recentOf = (person: string, register: string): string[] => {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(place(person, register)) ?? '[]');
    return Array.isArray(kept) ? kept.filter((each) => typeof each === 'string') : [];
  } catch {
    return [];
  }
};

/** Notes that a record was chosen. */
export const noteChosen = (person: string, register: string, id: string): void => {
  const others = recentOf(person, register).filter((each) => each !== id);
  localStorage.setItem(place(person, register), JSON.stringify([id, ...others].slice(0, MOST_RECENT)));
};
