import { lazy } from 'react';
import { createBrowserRouter } from 'react-router';
import { Failed } from '../components/States';
import { TodayPage } from '../features/today/TodayPage';
import { MorePage } from './MorePage';
import { NotFound } from './NotFound';
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
const HelpPage = lazy(() => import('./HelpPage').then((page) => ({ default: page.HelpPage })));
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

export const router = createBrowserRouter([
  {
    element: <Shell />,
    errorElement: (
      <Failed
        error={new Error('This page broke. Your log is safe on the server; load it again.')}
        onRetry={() => location.reload()}
      />
    ),
    children: [
      { path: '/', element: <TodayPage /> },
      { path: '/trouble', element: <TroublePage /> },
      { path: '/trouble/:troubleId', element: <TroublePage /> },
      { path: '/runs/:runId', element: <RunPage /> },
      { path: '/pieces', element: <LinenBookPage /> },
      { path: '/pieces/:pieceId', element: <PiecePage /> },
      { path: '/what-works', element: <WhatWorksPage /> },
      { path: '/trials/:trialId', element: <TrialPage /> },
      { path: '/mix', element: <MixPage /> },
      { path: '/setup', element: <SetupPage /> },
      { path: '/more', element: <MorePage /> },
      { path: '/help', element: <HelpPage /> },
      { path: '/cupboard', element: <HouseholdPage show="cupboard" /> },
      { path: '/household', element: <HouseholdPage show="house" /> },
      { path: '/reference/:family?/:id?', element: <ReferencePage /> },
      { path: '*', element: <NotFound /> },
    ],
  },
]);
