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

const MOST_LOOKED_AT = 10;

const lookedPlace = (person: string): string => `iolite looked at ${person}`;

/** A record that was looked at: its register and its id. What it is called is asked for anew, as far as it may be seen. */
export interface LookedAt {
  readonly register: string;
  readonly id: string;
}

const isLookedAt = (each: unknown): each is LookedAt =>
  typeof each === 'object' && each !== null && 'register' in each && 'id' in each;

/** The records a person looked at last on this device, the newest first. */
export const lookedAt = (person: string): LookedAt[] => {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(lookedPlace(person)) ?? '[]');
    return Array.isArray(kept) ? kept.filter(isLookedAt) : [];
  } catch {
    return [];
  }
};

/** Notes that a record was looked at. */
export const noteLookedAt = (person: string, register: string, id: string): void => {
  const others = lookedAt(person).filter((each) => each.id !== id);
  localStorage.setItem(lookedPlace(person), JSON.stringify([{ register, id }, ...others].slice(0, MOST_LOOKED_AT)));
};
