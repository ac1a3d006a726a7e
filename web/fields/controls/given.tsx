/** Stands where nothing is written, as the program gives it. */
export const GivenByProgram = ({ id }: { readonly id: string }) => (
  <output id={id} className="box box-filled block text-ink-2">
    given by the program
  </output>
);
