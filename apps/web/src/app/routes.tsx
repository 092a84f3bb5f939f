import { lazy, Suspense } from 'react';
import { createBrowserRouter, type RouteObject } from 'react-router';
import { Failed, Loading } from '../components/notices/States';
import { TodayPage } from '../features/today/TodayPage';
import { reloadApp } from './offline/appUpdate';
import { NotFound } from './pages/NotFound';
import { Gate } from './shell/Gate';
import { Shell } from './shell/Shell';

const TroublePage = lazy(() =>
  import('../features/trouble/TroublePage').then((page) => ({ default: page.TroublePage })),
);
const RunPage = lazy(() => import('../features/run/RunPage').then((page) => ({ default: page.RunPage })));
const LinenBookPage = lazy(() =>
  import('../features/linenBook/LinenBookPage').then((page) => ({ default: page.LinenBookPage })),
);
const PiecePage = lazy(() =>
  import('../features/linenBook/PiecePage').then((page) => ({ default: page.PiecePage })),
);
const ReferencePage = lazy(() =>
  import('../features/reference/ReferencePage').then((page) => ({ default: page.ReferencePage })),
);
const WashPage = lazy(() => import('../features/wash/WashPage').then((page) => ({ default: page.WashPage })));
const LinePage = lazy(() =>
  import('../features/wash/line/LinePage').then((page) => ({ default: page.LinePage })),
);
const MachinePage = lazy(() =>
  import('../features/wash/MachinePage').then((page) => ({ default: page.MachinePage })),
);
const MorePage = lazy(() => import('./pages/MorePage').then((page) => ({ default: page.MorePage })));
const DangerPage = lazy(() =>
  import('../features/danger/DangerPage').then((page) => ({ default: page.DangerPage })),
);
const HelpPage = lazy(() => import('./pages/HelpPage').then((page) => ({ default: page.HelpPage })));
const SetupPage = lazy(() =>
  import('../features/household/SetupPage').then((page) => ({ default: page.SetupPage })),
);
const MixPage = lazy(() =>
  import('../features/mix/table/MixPage').then((page) => ({ default: page.MixPage })),
);
const WhatWorksPage = lazy(() =>
  import('../features/whatWorks/WhatWorksPage').then((page) => ({ default: page.WhatWorksPage })),
);
const TrialPage = lazy(() =>
  import('../features/trial/TrialPage').then((page) => ({ default: page.TrialPage })),
);
const HouseholdPage = lazy(() =>
  import('../features/household/HouseholdPage').then((page) => ({ default: page.HouseholdPage })),
);

const DevicesPage = lazy(() =>
  import('../features/devices/DevicesPage').then((page) => ({ default: page.DevicesPage })),
);
const JoinPage = lazy(() =>
  import('../features/devices/JoinPage').then((page) => ({ default: page.JoinPage })),
);

const inShell: RouteObject = {
  element: <Shell />,
  errorElement: (
    <Failed
      error={new Error('This page broke. Your log is safe on the server; load it again.')}
      onRetry={reloadApp}
    />
  ),
  children: [
    { path: '/', element: <TodayPage /> },
    { path: '/trouble', element: <TroublePage /> },
    { path: '/trouble/:troubleId', element: <TroublePage /> },
    { path: '/runs/:runId', element: <RunPage /> },
    { path: '/pieces', element: <LinenBookPage /> },
    { path: '/pieces/:pieceId', element: <PiecePage /> },
    { path: '/wash', element: <WashPage /> },
    { path: '/wash/line', element: <LinePage /> },
    { path: '/wash/machine', element: <MachinePage /> },
    { path: '/what-works', element: <WhatWorksPage /> },
    { path: '/trials/:trialId', element: <TrialPage /> },
    { path: '/mix', element: <MixPage /> },
    { path: '/setup', element: <SetupPage /> },
    { path: '/more', element: <MorePage /> },
    { path: '/devices', element: <DevicesPage /> },
    { path: '/danger/:dangerId', element: <DangerPage /> },
    { path: '/help', element: <HelpPage /> },
    { path: '/cupboard', element: <HouseholdPage show="cupboard" /> },
    { path: '/household', element: <HouseholdPage show="house" /> },
    { path: '/reference/:family?/:id?', element: <ReferencePage /> },
    { path: '*', element: <NotFound /> },
  ],
};

/** A device that is not connected sees no other pages than these. */
export const router = createBrowserRouter([
  { element: <Gate />, children: [inShell] },
  {
    path: '/join',
    element: (
      <Suspense fallback={<Loading what="the way in" />}>
        <JoinPage />
      </Suspense>
    ),
  },
]);
