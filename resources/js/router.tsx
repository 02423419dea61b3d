import { createBrowserRouter, type RouteObject } from 'react-router';
import { Lost } from './shell/Lost';
import { Shell } from './shell/Shell';

/** A place that fails takes nothing with it: the bench round it stays. */
const places = (routes: RouteObject[]): RouteObject[] => routes.map((route) => ({ ...route, ErrorBoundary: Lost }));

/** The places of the bench; each loads when it is visited. */
export const router = createBrowserRouter([
  {
    element: <Shell />,
    errorElement: <Lost />,
    hydrateFallbackElement: <p aria-busy="true">Opening …</p>,
    children: places([
      { index: true, lazy: async () => ({ Component: (await import('./start/StartPlace')).StartPlace }) },
      { path: 'locker', lazy: async () => ({ Component: (await import('./locker/LockerPlace')).LockerPlace }) },
      { path: 'rack', lazy: async () => ({ Component: (await import('./rack/RackPlace')).RackPlace }) },
      { path: 'plan/:id?', lazy: async () => ({ Component: (await import('./plan/PlanPlace')).PlanPlace }) },
      { path: 'wind', lazy: async () => ({ Component: (await import('./wind/WindPlace')).WindPlace }) },
      { path: 'wind/:uuid', lazy: async () => ({ Component: (await import('./wind/RunPlace')).RunPlace }) },
      { path: 'drag', lazy: async () => ({ Component: (await import('./drag/DragPlace')).DragPlace }) },
      {
        path: 'drag/practice',
        lazy: async () => ({ Component: (await import('./drag/PracticePlace')).PracticePlace }),
      },
      {
        path: 'practice',
        lazy: async () => ({ Component: (await import('./practice/PracticesPlace')).PracticesPlace }),
      },
      {
        path: 'practice/:lesson',
        lazy: async () => ({ Component: (await import('./practice/LessonPlace')).LessonPlace }),
      },
      { path: 'drag/card', lazy: async () => ({ Component: (await import('./drag/CardPlace')).CardPlace }) },
      { path: 'log', lazy: async () => ({ Component: (await import('./log/LogPlace')).LogPlace }) },
      { path: 'day/:id?', lazy: async () => ({ Component: (await import('./day/DayPlace')).DayPlace }) },
      { path: 'knots', lazy: async () => ({ Component: (await import('./knots/KnotsPlace')).KnotsPlace }) },
      { path: 'twist', lazy: async () => ({ Component: (await import('./twist/TwistLab')).TwistLab }) },
      { path: 'trouble', lazy: async () => ({ Component: (await import('./trouble/TroublePlace')).TroublePlace }) },
      { path: 'labels', lazy: async () => ({ Component: (await import('./labels/LabelsPlace')).LabelsPlace }) },
      { path: 'paper', lazy: async () => ({ Component: (await import('./paper/PaperPlace')).PaperPlace }) },
      { path: 'sheet/:id?', lazy: async () => ({ Component: (await import('./sheet/SheetPlace')).SheetPlace }) },
      { path: 'habits', lazy: async () => ({ Component: (await import('./habits/HabitsPlace')).HabitsPlace }) },
      { path: 'data', lazy: async () => ({ Component: (await import('./data/DataPlace')).DataPlace }) },
      { path: '*', element: <Lost /> },
    ]),
  },
]);
