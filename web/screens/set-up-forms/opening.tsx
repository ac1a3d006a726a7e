import { askedOfStrangers, type Form, WAITS_DAYS } from '#core/form/index.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { Part } from '../../ui/part.tsx';

/** The days and times on which a form may be filled in, in words. */
export const sayOpening = ({ open_from: from, open_until: until, at_most: most, waits_days: waits }: Form): string => {
  const days = [from && `from ${from}`, until && `until ${until}`].filter(Boolean).join(' ');
  const times = most
    ? `${most.times === 1 ? 'once' : `${most.times} times`} ${most.per === 'person' ? 'each' : 'in all'}`
    : '';
  const waiting = waits === undefined ? '' : `taken up to ${waits} ${waits === 1 ? 'day' : 'days'} later`;
  return [days || 'at any time', times, waiting].filter(Boolean).join(', ');
};

/** When a form may be filled in, and how many times. */
export const Opening = ({ form, onChange }: { form: Form; onChange: (form: Form) => void }) => {
  const put = (next: Partial<Form>): void => onChange({ ...form, ...next });
  const { open_from: from, open_until: until, at_most: most, waits_days: waits } = form;
  return (
    <>
      May be filled in{' '}
      <Part text={sayOpening(form)} what="days and times">
        {() => (
          <span className="grid gap-2 p-2">
            <label className="grid gap-1 font-semibold">
              From
              <input
                type="date"
                className="box font-normal"
                value={from ?? ''}
                onChange={(event) => put({ open_from: event.target.value || undefined })}
              />
            </label>
            <label className="grid gap-1 font-semibold">
              Until
              <input
                type="date"
                className="box font-normal"
                value={until ?? ''}
                onChange={(event) => put({ open_until: event.target.value || undefined })}
              />
            </label>
            <label className="grid gap-1 font-semibold">
              At most so many times
              <input
                type="number"
                min={1}
                className="box font-normal"
                value={most?.times ?? ''}
                placeholder="any number"
                onChange={(event) => {
                  const times = Math.floor(Number(event.target.value));
                  put({ at_most: times >= 1 ? { times, per: most?.per ?? 'person' } : undefined });
                }}
              />
            </label>
            {most && (
              <label className="flex items-center gap-2">
                <input
                  type="checkbox"
                  checked={most.per === 'person'}
                  onChange={(event) => put({ at_most: { ...most, per: event.target.checked ? 'person' : 'all' } })}
                />
                by each person
              </label>
            )}
            <label className="grid gap-1 font-semibold">
              Days for which an entry that waited is taken
              <input
                type="number"
                min={0}
                max={365}
                className="box font-normal"
                value={waits ?? ''}
                placeholder={String(WAITS_DAYS)}
                onChange={(event) => {
                  const days = Math.floor(Number(event.target.value));
                  put({ waits_days: event.target.value === '' || days < 0 || days > 365 ? undefined : days });
                }}
              />
            </label>
          </span>
        )}
      </Part>
      .
    </>
  );
};

/** Whether whoever sends a form gives their password again, and whether strangers register by it. */
export const SentBy = ({ form, onChange }: { form: Form; onChange: (form: Form) => void }) => {
  const { workspace, catalogue } = useWorkspace();
  const { registration } = form;
  const register = catalogue.registers.get(form.register);
  const { name, email } = register ? askedOfStrangers(form, register) : { name: null, email: null };
  const roles = workspace.roles.filter(({ sets_up: setsUp }) => setsUp.length === 0);
  const role = roles.find(({ key }) => key === registration?.role);
  const put = (next: Partial<Form>): void => onChange({ ...form, ...next });
  return (
    <>
      {' '}
      Whoever sends it{' '}
      <Part
        text={form.password_again ? 'is asked for their password again' : 'is not asked for their password again'}
        what="password"
      >
        {() => (
          <label className="flex items-center gap-2 p-2">
            <input
              type="checkbox"
              checked={form.password_again === true}
              onChange={(event) => put({ password_again: event.target.checked || undefined })}
            />
            asks for the password again when it is sent
          </label>
        )}
      </Part>
      . {/* Its stop stays with it. */}
      <span className="whitespace-nowrap">
        <Part
          text={
            registration
              ? `Strangers register by it as ${role?.label ?? registration.role}`
              : 'Strangers do not register by it'
          }
          what="registration"
        >
          {() => (
            <span className="grid gap-2 p-2">
              {email && name ? (
                <label className="grid gap-1 font-semibold">
                  Strangers register by it
                  <select
                    className="box font-normal"
                    value={registration?.role ?? ''}
                    onChange={(event) =>
                      put({
                        registration: event.target.value === '' ? undefined : { role: event.target.value, name, email },
                      })
                    }
                  >
                    <option value="">not at all</option>
                    {roles.map(({ key, label }) => (
                      <option key={key} value={key}>
                        as {label}
                      </option>
                    ))}
                  </select>
                </label>
              ) : (
                <span className="text-ink-2">For that it must ask a name, as text, and an e-mail address.</span>
              )}
              <span className="text-ink-2">
                Who confirms the address in it comes to be a person with this role, and the record is theirs.
              </span>
            </span>
          )}
        </Part>
        .
      </span>
    </>
  );
};
