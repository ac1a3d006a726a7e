import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { showDate, today } from '#core/base/index.ts';
import { isOpenedFromRecord } from '#core/form/index.ts';
import { queries } from '../../data/queries.ts';
import { clockFor, useMe, useWorkspace } from '../../data/workspace.ts';
import { TrayItem } from '../../fields/records/tray-item.tsx';
import { TabMark } from '../../ui/marks.tsx';
import { Empty } from '../../ui/message.tsx';
import { NotSent } from './not-sent.tsx';
import { PinnedLists } from './pinned-lists.tsx';
import { Starters } from './starters.tsx';

/** More than these stand in the in-tray. */
const MOST_SHOWN = 8;

/** The start: what needs me, what I may fill in. */
export const TodayScreen = () => {
  const me = useMe();
  const { workspace, catalogue } = useWorkspace();
  const { data: tray } = useQuery(queries.inTray());
  const waiting = tray?.items.filter(({ kind }) => kind !== 'sent') ?? [];
  const { data: used } = useQuery(queries.usedForms());
  const times = (key: string): number => used?.forms[key] ?? 0;
  // Those used most come first; those alike stay in the order they have.
  const forms = workspace.forms
    .filter(({ may_fill, form }) => may_fill && !isOpenedFromRecord(form))
    .toSorted((one, other) => times(other.form.key) - times(one.form.key));
  const { data: session } = useQuery(queries.session());
  const isDemonstration = session?.demonstration === true && me.kind === 'person';
  const day = showDate(today(clockFor(workspace)), workspace.locale);
  return (
    <div className="grid gap-x-10 gap-y-8 overflow-auto p-6 lg:grid-cols-2">
      <header className="lg:col-span-2">
        <h1>Today, {day}</h1>
        <p className="text-ink-2">Good to see you, {me.name.split(' ')[0]}.</p>
      </header>
      <div className="grid content-start gap-8">
        <section aria-labelledby="needs-me">
          <h2 id="needs-me" className="head-rule">
            Waits for you
          </h2>
          {tray && waiting.length === 0 && <Empty title="Nothing waits for you." />}
          <ul>
            {waiting.slice(0, MOST_SHOWN).map((item) => (
              <li key={`${item.sign_off} ${item.step}`} className="ruled">
                <TrayItem item={item} />
              </li>
            ))}
          </ul>
          {waiting.length > MOST_SHOWN && (
            <Link className="part mt-2 inline-block" to="/in-tray">
              {waiting.length - MOST_SHOWN} more in the in-tray
            </Link>
          )}
        </section>
        <NotSent />
        <PinnedLists />
        {isDemonstration && (
          <p className="text-ink-2">
            What would be written to you by mail lies in the{' '}
            <Link className="part" to="/post-room">
              post room
            </Link>
            .
          </p>
        )}
      </div>
      <section aria-labelledby="may-fill">
        <h2 id="may-fill" className="head-rule">
          Fill in
        </h2>
        {forms.length === 0 && (
          <Empty title="No form is open to you yet.">
            {me.sets_up.includes('registers') && workspace.registers.length === 0 ? (
              <Starters />
            ) : me.sets_up.includes('forms') ? (
              <Link className="part" to="/set-up/forms">
                Make a form
              </Link>
            ) : (
              'A form appears here as soon as you may fill it in.'
            )}
          </Empty>
        )}
        <ul>
          {forms.map(({ form }) => {
            const register = catalogue.registers.get(form.register);
            return (
              <li key={form.key} className="ruled">
                <Link to={`/forms/${form.key}`} className="flex items-center gap-3 px-2 py-2.5 hover:bg-iolite-wash">
                  {register && <TabMark mark={register.mark} name={register.plural} />}
                  <span className="font-semibold text-iolite-deep">{form.label}</span>
                  <span className="ml-auto text-ink-2">{form.questions.length} questions</span>
                </Link>
              </li>
            );
          })}
        </ul>
      </section>
    </div>
  );
};
