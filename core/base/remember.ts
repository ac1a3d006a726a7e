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
