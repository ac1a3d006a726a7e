import { createBrowserRouter, Link } from 'react-router';
import { FillInScreen } from '../screens/fill-in/screen.tsx';
import { InTrayScreen } from '../screens/in-tray/screen.tsx';
import { ListScreen } from '../screens/list/screen.tsx';
import { RecordScreen } from '../screens/record/screen.tsx';
import { ChoiceListScreen } from '../screens/set-up-choice-lists/choice-list-screen.tsx';
import { ChoiceListsScreen } from '../screens/set-up-choice-lists/screen.tsx';
import { SetUpFormScreen } from '../screens/set-up-forms/form-screen.tsx';
import { SetUpFormsScreen } from '../screens/set-up-forms/screen.tsx';
import { SetUpRegisterScreen } from '../screens/set-up-registers/register-screen.tsx';
import { SetUpRegistersScreen } from '../screens/set-up-registers/screen.tsx';
import { SetUpRoutesScreen } from '../screens/set-up-routes/screen.tsx';
import { SignInScreen } from '../screens/sign-in/screen.tsx';
import { TodayScreen } from '../screens/today/screen.tsx';
import { Empty } from '../ui/message.tsx';
import { Broken } from './broken.tsx';
import { SetUpOnly } from './set-up-only.tsx';
import { Shell } from './shell.tsx';

export const router = createBrowserRouter([
  { path: '/sign-in', element: <SignInScreen />, errorElement: <Broken /> },
  {
    path: '/',
    element: <Shell />,
    errorElement: <Broken />,
    children: [
      {
        errorElement: <Broken />,
        children: [
          { index: true, element: <TodayScreen /> },
          { path: 'registers/:key', element: <ListScreen /> },
          { path: 'registers/:key/:id', element: <RecordScreen /> },
          { path: 'forms/:key', element: <FillInScreen /> },
          { path: 'in-tray/:signOff?', element: <InTrayScreen /> },
          {
            path: 'set-up',
            element: <SetUpOnly />,
            children: [
              { path: 'registers', element: <SetUpRegistersScreen /> },
              { path: 'registers/:key', element: <SetUpRegisterScreen /> },
              { path: 'forms', element: <SetUpFormsScreen /> },
              { path: 'forms/:key', element: <SetUpFormScreen /> },
              { path: 'routes', element: <SetUpRoutesScreen /> },
              { path: 'choice-lists', element: <ChoiceListsScreen /> },
              { path: 'choice-lists/:key', element: <ChoiceListScreen /> },
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
