import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { queries } from '../../data/queries.ts';

/** Which people see a record, and by which sentence of which role: asked for, as it goes through everybody. */
export const WhoSees = ({ register, id }: { register: string; id: string }) => {
  const [open, setOpen] = useState(false);
  const { data } = useQuery({ ...queries.seenBy(register, id), enabled: open });
  return (
    <section aria-label="Who may see this" className="mt-4 print:hidden">
      <h2 className="head-rule">Who may see this?</h2>
      {!open && (
        <button type="button" className="btn mt-2" onClick={() => setOpen(true)}>
          Go through everybody
        </button>
      )}
      {data && (
        <ul>
          {data.people.map((person) => (
            <li key={person.id} className="ruled py-1.5">
              <span className="font-semibold">{person.name}</span>
              {person.reasons.map(({ role, says }) => (
                <span key={`${role} ${says}`} className="block text-[13px] text-ink-2">
                  Whoever is {role} {says}.
                </span>
              ))}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
};
