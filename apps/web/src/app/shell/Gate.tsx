import { lazy, Suspense, useEffect, useState } from 'react';
import { Outlet } from 'react-router';
import { Loading } from '../../components/notices/States';
import { dropDraft } from '../../facts/factsDraft';
import { forgetMarks } from '../../facts/recentMarks';
import { removeEarlyField } from '../early/earlyField';
import { useConnection } from '../offline/connection';
import { forgetAnswers } from '../offline/keptAnswers';

const JoinPage = lazy(() =>
  import('../../features/devices/JoinPage').then((page) => ({ default: page.JoinPage })),
);

/** One who is not let in sees how to come in, at whatever address. */
export function Gate() {
  const { isShutOut } = useConnection();
  const [wasEmptied, setEmptied] = useState(false);
  useEffect(() => {
    if (!isShutOut) return;
    removeEarlyField();
    dropDraft();
    forgetMarks();
    void forgetAnswers().then((hadAny) => hadAny && setEmptied(true));
  }, [isShutOut]);
  if (!isShutOut) return <Outlet />;
  return (
    <Suspense fallback={<Loading what="the way in" />}>
      <JoinPage wasEmptied={wasEmptied} />
    </Suspense>
  );
}
