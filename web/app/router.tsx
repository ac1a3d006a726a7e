import { lazy } from 'react';
import { BrowserRouter, Link, Route, Routes } from 'react-router';
import { Empty } from '../ui/message.tsx';
import { BrokenBoundary } from './broken.tsx';
import { SetUpOnly } from './set-up-only.tsx';
import { Shell } from './shell.tsx';

// Each screen is fetched when it is opened: who fills in a form on a phone carries nothing of the others.
const SignIn = lazy(async () => ({ default: (await import('../screens/sign-in/screen.tsx')).SignInScreen }));
const Password = lazy(async () => ({ default: (await import('../screens/sign-in/screen.tsx')).PasswordScreen }));
const FollowLink = lazy(async () => ({ default: (await import('../screens/account/link-screen.tsx')).LinkScreen }));
const Forgotten = lazy(async () => ({
  default: (await import('../screens/account/forgotten-screen.tsx')).ForgottenScreen,
}));
const Device = lazy(async () => ({ default: (await import('../screens/account/device-screen.tsx')).DeviceScreen }));
const Register = lazy(async () => ({
  default: (await import('../screens/account/register-screen.tsx')).RegisterScreen,
}));
const MyDetails = lazy(async () => ({ default: (await import('../screens/my-details/screen.tsx')).MyDetailsScreen }));
const PostRoom = lazy(async () => ({
  default: (await import('../screens/set-up-post-room/screen.tsx')).PostRoomScreen,
}));
const Today = lazy(async () => ({ default: (await import('../screens/today/screen.tsx')).TodayScreen }));
const List = lazy(async () => ({ default: (await import('../screens/list/screen.tsx')).ListScreen }));
const OneRecord = lazy(async () => ({ default: (await import('../screens/record/screen.tsx')).RecordScreen }));
const FillIn = lazy(async () => ({ default: (await import('../screens/fill-in/screen.tsx')).FillInScreen }));
const InTray = lazy(async () => ({ default: (await import('../screens/in-tray/screen.tsx')).InTrayScreen }));
const BringIn = lazy(async () => ({ default: (await import('../screens/bring-in/screen.tsx')).BringInScreen }));
const OneImport = lazy(async () => ({ default: (await import('../screens/bring-in/screen.tsx')).OneImportScreen }));
const SetUpRegisters = lazy(async () => ({
  default: (await import('../screens/set-up-registers/screen.tsx')).SetUpRegistersScreen,
}));
const SetUpRegister = lazy(async () => ({
  default: (await import('../screens/set-up-registers/register-screen.tsx')).SetUpRegisterScreen,
}));
const SetUpForms = lazy(async () => ({
  default: (await import('../screens/set-up-forms/screen.tsx')).SetUpFormsScreen,
}));
const SetUpForm = lazy(async () => ({
  default: (await import('../screens/set-up-forms/form-screen.tsx')).SetUpFormScreen,
}));
const SetUpRoutes = lazy(async () => ({
  default: (await import('../screens/set-up-routes/screen.tsx')).SetUpRoutesScreen,
}));
const SetUpRoute = lazy(async () => ({
  default: (await import('../screens/set-up-routes/route-screen.tsx')).SetUpRouteScreen,
}));
const SetUpPeople = lazy(async () => ({
  default: (await import('../screens/set-up-people/screen.tsx')).SetUpPeopleScreen,
}));
const SetUpJobs = lazy(async () => ({
  default: (await import('../screens/set-up-jobs/screen.tsx')).SetUpJobsScreen,
}));
const SetUpWorkspace = lazy(async () => ({
  default: (await import('../screens/set-up-workspace/screen.tsx')).SetUpWorkspaceScreen,
}));
const ChoiceLists = lazy(async () => ({
  default: (await import('../screens/set-up-choice-lists/screen.tsx')).ChoiceListsScreen,
}));
const OneChoiceList = lazy(async () => ({
  default: (await import('../screens/set-up-choice-lists/choice-list-screen.tsx')).ChoiceListScreen,
}));

/** Every address of the application and its screen. */
export const Router = () => (
  <BrowserRouter>
    <BrokenBoundary>
      <Routes>
        <Route path="/sign-in" element={<SignIn />} />
        <Route path="/sign-in/password" element={<Password />} />
        <Route path="/invitation" element={<FollowLink />} />
        <Route path="/new-password" element={<FollowLink />} />
        <Route path="/forgotten-password" element={<Forgotten />} />
        <Route path="/device" element={<Device />} />
        <Route path="/register/:key" element={<Register />} />
        <Route path="/" element={<Shell />}>
          <Route index element={<Today />} />
          <Route path="registers/:key" element={<List />} />
          <Route path="registers/:key/:id" element={<OneRecord />} />
          <Route path="forms/:key" element={<FillIn />} />
          <Route path="bring-in" element={<BringIn />} />
          <Route path="bring-in/:id" element={<OneImport />} />
          <Route path="my-details" element={<MyDetails />} />
          <Route path="post-room" element={<PostRoom />} />
          <Route path="in-tray/:signOff?" element={<InTray />} />
          <Route path="set-up" element={<SetUpOnly right="forms" />}>
            <Route path="forms" element={<SetUpForms />} />
            <Route path="forms/:key" element={<SetUpForm />} />
            <Route path="routes" element={<SetUpRoutes />} />
            <Route path="routes/:key" element={<SetUpRoute />} />
          </Route>
          <Route path="set-up" element={<SetUpOnly right="people" />}>
            <Route path="people" element={<SetUpPeople />} />
            <Route path="people/:role" element={<SetUpPeople />} />
          </Route>
          <Route path="set-up" element={<SetUpOnly right="registers" />}>
            <Route path="registers" element={<SetUpRegisters />} />
            <Route path="registers/:key" element={<SetUpRegister />} />
            <Route path="workspace" element={<SetUpWorkspace />} />
            <Route path="jobs" element={<SetUpJobs />} />
            <Route path="choice-lists" element={<ChoiceLists />} />
            <Route path="choice-lists/:key" element={<OneChoiceList />} />
          </Route>
          <Route
            path="*"
            element={
              <Empty title="There is nothing at this address.">
                <Link className="part" to="/">
                  Go to Today
                </Link>
              </Empty>
            }
          />
        </Route>
      </Routes>
    </BrokenBoundary>
  </BrowserRouter>
);
