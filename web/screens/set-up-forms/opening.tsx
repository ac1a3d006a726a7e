import { type Form, WAITS_DAYS } from '#core/form/index.ts';
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
