import { useQuery, useSuspenseQuery } from '@tanstack/react-query';
import { lazy, Suspense } from 'react';
import { Link, Navigate, NavLink, Outlet, useLocation, useNavigate } from 'react-router';
import { call } from '../data/client.ts';
import { useLiveEvents } from '../data/live.ts';
import { queries, queryClient } from '../data/queries.ts';
import { MeContext, useMe, useWorkspace } from '../data/workspace.ts';
import { FillInPlaceContext, RecordFactsContext } from '../ui/from-above.ts';
import { TabMark } from '../ui/marks.tsx';
import { Coming } from '../ui/message.tsx';
import { BrokenBoundary } from './broken.tsx';
import { LooksAs } from './looks-as.tsx';

const FillInPlace = lazy(() => import('../screens/fill-in/in-place.tsx'));
const RecordFacts = lazy(async () => ({ default: (await import('../ui/record-facts.tsx')).RecordFacts }));

/** On a phone a form that is being filled in has the whole screen: its own head leads back. */
const ASIDE = 'max-sm:[html:has(.entry-screen)_&]:hidden';

/** The frame of every screen: the strip above, the index of registers at the side. */
export const Shell = () => (
  <Suspense fallback={<Coming />}>
    <SignedIn />
  </Suspense>
);

const SignedIn = () => {
  const { data } = useSuspenseQuery(queries.session());
  const location = useLocation();
  useLiveEvents(data.me !== null);
  if (!data.me)
    return <Navigate to={`/sign-in?to=${encodeURIComponent(`${location.pathname}${location.search}`)}`} replace />;
  return (
    <MeContext value={data.me}>
      <div
        className={`flex min-h-screen flex-col sm:h-screen print:block print:h-auto! ${data.me.looked_as_by === null ? '' : 'border-4 border-straw'}`}
      >
        <a href="#main" className="btn absolute -top-20 left-4 z-40 focus:top-2">
          Skip to the content
        </a>
        <LooksAs />
        <Strip />
        <div className="flex min-h-0 grow flex-col sm:flex-row print:block">
          <Index />
          <main
            id="main"
            className="relative flex min-h-0 min-w-0 grow flex-col bg-sheet sm:overflow-hidden print:block print:overflow-visible!"
            tabIndex={-1}
          >
            <FillInPlaceContext value={FillInPlace}>
              <RecordFactsContext value={RecordFacts}>
                <BrokenBoundary>
                  <Suspense fallback={<Coming />}>
                    <Outlet />
                  </Suspense>
                </BrokenBoundary>
              </RecordFactsContext>
            </FillInPlaceContext>
          </main>
        </div>
      </div>
    </MeContext>
  );
};

const initials = (name: string): string =>
  name
    .split(' ')
    .map((word) => word.charAt(0))
    .join('')
    .slice(0, 2);

const Strip = () => {
  const me = useMe();
  const { workspace } = useWorkspace();
  const { data: tray } = useQuery(queries.inTray());
  const navigate = useNavigate();
  const waiting = tray?.items.length ?? 0;
  const signOut = async () => {
    await call('signOut');
    queryClient.clear();
    navigate('/sign-in');
  };
  return (
    <header
      className={`${ASIDE} print:hidden flex min-h-12 items-center gap-x-4 border-b-2 max-sm:gap-x-2 border-iolite-deep bg-sheet px-4 py-1`}
    >
      <Link to="/" className="flex min-w-0 items-center gap-2 text-base font-bold">
        <img src="/mark.svg" alt="" width={20} height={18} />
        <span className="truncate">{workspace.name}</span>
      </Link>
      <span className="grow" />
      <NavLink to="/in-tray" className="flex min-h-8 items-center gap-2 whitespace-nowrap font-semibold">
        In-tray
        {waiting > 0 && <span className="rounded-full bg-straw px-2 text-xs font-semibold text-sheet">{waiting}</span>}
      </NavLink>
      <span className="flex items-center gap-2 text-ink-2">
        <span
          aria-hidden="true"
          className="grid size-7 place-items-center rounded-full bg-haze text-[11px] font-semibold text-sheet"
        >
          {initials(me.name)}
        </span>
        <span className="max-sm:sr-only">{me.name}</span>
      </span>
      <button type="button" className="btn btn-quiet" onClick={signOut}>
        Sign out
      </button>
    </header>
  );
};

const Index = () => {
  const { workspace } = useWorkspace();
  const { data: counts } = useQuery(queries.counts());
  const me = useMe();
  return (
    <nav
      aria-label="Index"
      className={`${ASIDE} print:hidden flex shrink-0 overflow-x-auto border-rule py-2 max-sm:border-b sm:w-48 sm:flex-col sm:overflow-x-hidden sm:overflow-y-auto sm:border-r sm:py-3`}
    >
      <NavLink to="/" end className="index-link">
        Today
      </NavLink>
      {workspace.registers.length > 0 && <IndexHead>Registers</IndexHead>}
      {workspace.registers.map((register) => (
        <NavLink key={register.key} to={`/registers/${register.key}`} className="index-link">
          <TabMark mark={register.mark} name={register.plural} />
          <span className="truncate">{register.plural}</span>
          <span className="ml-auto text-[12.5px] text-ink-2 max-sm:hidden">
            <span className="sr-only">, records: </span>
            {counts?.counts[register.key]?.toLocaleString(workspace.locale)}
          </span>
        </NavLink>
      ))}
      {me.sets_up.length > 0 && <IndexHead>Set-up</IndexHead>}
      {SET_UP_LINKS.filter(({ right }) => me.sets_up.includes(right)).map(({ to, label }) => (
        <NavLink key={to} to={to} className="index-link">
          {label}
        </NavLink>
      ))}
    </nav>
  );
};

const SET_UP_LINKS = [
  { to: '/set-up/forms', label: 'Forms', right: 'forms' },
  { to: '/set-up/registers', label: 'Registers & fields', right: 'registers' },
  { to: '/set-up/routes', label: 'Sign-off routes', right: 'forms' },
  { to: '/set-up/people', label: 'People & roles', right: 'people' },
  { to: '/set-up/jobs', label: 'Jobs', right: 'registers' },
] as const;

const IndexHead = ({ children }: { children: string }) => (
  <h2 className="px-4 pb-1 pt-3 text-xs! text-ink-3 max-sm:hidden">{children}</h2>
);
