import { Labelled } from './labelled.tsx';

/** What a good password is, in a line. */
const ADVICE = 'At least 8 characters: three or four words in a row are a good one. Spaces count.';

/** A box for a password that somebody chooses. */
export const NewPassword = ({ label = 'Password', wrong }: { label?: string; wrong: string | undefined }) => (
  <Labelled label={label} help={ADVICE} wrong={wrong}>
    {(tied) => <input {...tied} className="box" name="password" type="password" autoComplete="new-password" />}
  </Labelled>
);
