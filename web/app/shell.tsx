import { useQuery, useSuspenseQuery } from '@tanstack/react-query';
import { lazy, Suspense } from 'react';
import { Link, Navigate, NavLink, Outlet, useLocation, useNavigate } from 'react-router';
import { call } from '../data/client.ts';
import { useLiveEvents } from '../data/live.ts';
import { queries, queryClient } from '../data/queries.ts';
import { MeContext, useMe, useWorkspace } from '../data/workspace.ts';
import { FillInPlaceContext, RecordFactsContext } from '../ui/from-above.ts';
import { LooksAs } from '../ui/looks-as.tsx';
import { TabMark } from '../ui/marks.tsx';
import { Coming } from '../ui/message.tsx';
import { BrokenBoundary } from './broken.tsx';
import { FindBox } from './find-box.tsx';

const FillInPlace = lazy(() => import('../screens/fill-in/in-place.tsx'));
const SecondStep = lazy(async () => ({ default: (await import('../screens/my-details/second-step.tsx')).SecondStep }));
const RecordFacts = lazy(async () => ({ default: (await import('../fields/records/record-facts.tsx')).RecordFacts }));

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
  if (data.me.second_step_due)
    return (
      <MeContext value={data.me}>
        <SecondStepDue />
      </MeContext>
    );
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

/** A role asks for a second step that is not set up: until it is, there is nothing else. */
const SecondStepDue = () => {
  const signOut = useSignOut();
  return (
    <main className="mx-auto max-w-2xl px-5 py-10">
      <div className="border border-rule-strong bg-sheet p-6">
        <h1 className="head-rule">Your role asks for a second step</h1>
        <p className="my-3">Set it up now: then everything is open to you, and from now on you sign in with it.</p>
        <SecondStep details={{ second_step: false, recovery_codes: 0 }} />
        <button type="button" className="btn btn-quiet mt-4" onClick={signOut}>
          Sign out
        </button>
      </div>
    </main>
  );
};

const useSignOut = () => {
  const navigate = useNavigate();
  return async () => {
    await call('signOut');
    queryClient.clear();
    navigate('/sign-in');
  };
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
  const waiting = tray?.items.filter(({ kind }) => kind !== 'sent').length ?? 0;
  const signOut = useSignOut();
  return (
    <header
      className={`${ASIDE} print:hidden flex min-h-12 flex-wrap items-center gap-x-4 gap-y-1 border-b-2 sm:flex-nowrap max-sm:gap-x-2 border-iolite-deep bg-sheet px-4 py-1`}
    >
      <Link to="/" className="flex min-w-0 items-center gap-2 text-base font-bold max-sm:grow-[99] max-sm:basis-0">
        <img src="/mark.svg" alt="" width={20} height={18} />
        <span className="truncate">{workspace.name}</span>
      </Link>
      <FindBox />
      <span className="grow" />
      <NavLink to="/in-tray" className="flex min-h-8 items-center gap-2 whitespace-nowrap font-semibold">
        In-tray
        {waiting > 0 && <span className="rounded-full bg-straw px-2 text-xs font-semibold text-sheet">{waiting}</span>}
      </NavLink>
      {me.kind === 'person' ? (
        <NavLink to="/my-details" className="flex min-h-8 hover:underline items-center gap-2">
          <Face name={me.name} />
          <span className="sr-only">: my details</span>
        </NavLink>
      ) : (
        <span className="flex items-center gap-2">
          <Face name={me.name} />
        </span>
      )}
      <button type="button" className="btn btn-quiet" onClick={signOut}>
        Sign out
      </button>
    </header>
  );
};

const Face = ({ name }: { name: string }) => (
  <>
    <span
      aria-hidden="true"
      className="grid size-7 place-items-center rounded-full bg-haze text-[11px] font-semibold text-sheet"
    >
      {initials(name)}
    </span>
    <span className="text-ink-2 max-sm:sr-only">{name}</span>
  </>
);

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
  { to: '/set-up/choice-lists', label: 'Choice lists', right: 'registers' },
  { to: '/set-up/routes', label: 'Sign-off routes', right: 'forms' },
  { to: '/set-up/people', label: 'People & roles', right: 'people' },
  { to: '/post-room', label: 'Post room', right: 'people' },
  { to: '/set-up/workspace', label: 'Workspace', right: 'registers' },
  { to: '/set-up/jobs', label: 'Jobs', right: 'registers' },
] as const;

const IndexHead = ({ children }: { children: string }) => (
  <h2 className="px-4 pb-1 pt-3 text-xs! text-ink-3 max-sm:hidden">{children}</h2>
);
