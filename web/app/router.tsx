import { createBrowserRouter, Link } from 'react-router';
import { SignInScreen } from '../screens/sign-in/screen.tsx';
import { TodayScreen } from '../screens/today/screen.tsx';
import { Coming, Empty } from '../ui/message.tsx';
import { Broken } from './broken.tsx';
import { SetUpOnly } from './set-up-only.tsx';
import { Shell } from './shell.tsx';

// Each screen is fetched when it is opened: who fills in a form on a phone carries nothing of the set-up.
export const router = createBrowserRouter([
  { path: '/sign-in', element: <SignInScreen />, errorElement: <Broken /> },
  {
    path: '/',
    element: <Shell />,
    errorElement: <Broken />,
    hydrateFallbackElement: <Coming />,
    children: [
      {
        errorElement: <Broken />,
        children: [
          { index: true, element: <TodayScreen /> },
          {
            path: 'registers/:key',
            lazy: async () => ({ Component: (await import('../screens/list/screen.tsx')).ListScreen }),
          },
          {
            path: 'registers/:key/:id',
            lazy: async () => ({ Component: (await import('../screens/record/screen.tsx')).RecordScreen }),
          },
          {
            path: 'forms/:key',
            lazy: async () => ({ Component: (await import('../screens/fill-in/screen.tsx')).FillInScreen }),
          },
          {
            path: 'in-tray/:signOff?',
            lazy: async () => ({ Component: (await import('../screens/in-tray/screen.tsx')).InTrayScreen }),
          },
          {
            path: 'set-up',
            element: <SetUpOnly />,
            children: [
              {
                path: 'registers',
                lazy: async () => ({
                  Component: (await import('../screens/set-up-registers/screen.tsx')).SetUpRegistersScreen,
                }),
              },
              {
                path: 'registers/:key',
                lazy: async () => ({
                  Component: (await import('../screens/set-up-registers/register-screen.tsx')).SetUpRegisterScreen,
                }),
              },
              {
                path: 'forms',
                lazy: async () => ({
                  Component: (await import('../screens/set-up-forms/screen.tsx')).SetUpFormsScreen,
                }),
              },
              {
                path: 'forms/:key',
                lazy: async () => ({
                  Component: (await import('../screens/set-up-forms/form-screen.tsx')).SetUpFormScreen,
                }),
              },
              {
                path: 'routes',
                lazy: async () => ({
                  Component: (await import('../screens/set-up-routes/screen.tsx')).SetUpRoutesScreen,
                }),
              },
              {
                path: 'choice-lists',
                lazy: async () => ({
                  Component: (await import('../screens/set-up-choice-lists/screen.tsx')).ChoiceListsScreen,
                }),
              },
              {
                path: 'choice-lists/:key',
                lazy: async () => ({
                  Component: (await import('../screens/set-up-choice-lists/choice-list-screen.tsx')).ChoiceListScreen,
                }),
              },
            ],
          },
          {
            path: '*',
            element: (
              <Empty title="There is nothing at this address.">
                <Link className="part" to="/">
                  Go to Today
                </Link>
              </Empty>
            ),
          },
        ],
      },
    ],
  },
]);
