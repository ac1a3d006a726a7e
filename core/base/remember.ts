/**
 * A function of two objects that works each pair out once, for as long as both are held. For what costs much to make
 * and follows from its two objects alone, which nobody changes.
 */
export const perPair = <A extends object, B extends object, R>(make: (a: A, b: B) => R): ((a: A, b: B) => R) => {
  const made = new WeakMap<A, WeakMap<B, { readonly value: R }>>();
  return (a, b) => {
    const ofA = made.get(a) ?? new WeakMap<B, { readonly value: R }>();
    made.set(a, ofA);
    const found = ofA.get(b) ?? { value: make(a, b) };
    ofA.set(b, found);
    return found.value;
  };
};

/**
 * A function of a text that keeps what it gave for the last texts it was asked for, between `most` and twice as many:
 * for what costs much, follows from the text alone, and is asked for again and again.
 */
export const perText = <R>(most: number, make: (text: string) => R): ((text: string) => R) => {
  let recent = new Map<string, R>();
  let older = new Map<string, R>();
  return (text) => {
    const known = recent.get(text) ?? older.get(text);
    if (known !== undefined && recent.has(text)) return known;
    const value = known ?? make(text);
    if (recent.size >= most) [older, recent] = [recent, new Map()];
    recent.set(text, value);
    return value;
  };
};
