import { lazy, Suspense, useEffect } from 'react';
import { Outlet } from 'react-router';
import { Loading } from '../components/States';
import { forgetAnswers } from './keptAnswers';
import { useLine } from './line';

const JoinPage = lazy(() =>
  import('../features/devices/JoinPage').then((page) => ({ default: page.JoinPage })),
);

/** One who is not let in sees how to come in, at whatever address. */
export function Gate() {
  const { isShutOut } = useLine();
  useEffect(() => {
    if (isShutOut) void forgetAnswers();
  }, [isShutOut]);
  if (!isShutOut) return <Outlet />;
  return (
    <Suspense fallback={<Loading what="the way in" />}>
      <JoinPage />
    </Suspense>
  );
}
