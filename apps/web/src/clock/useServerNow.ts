import { useEffect, useState } from 'react';

/** The server's clock, ticking once a second: a device whose own clock is off still counts right. */
export function useServerNow(serverNow: string | undefined, receivedAt: number): number {
  const [local, setLocal] = useState(() => Date.now());
  useEffect(() => {
    const tick = setInterval(() => setLocal(Date.now()), 1000);
    return () => clearInterval(tick);
  }, []);
  const offset = serverNow ? Date.parse(serverNow) - receivedAt : 0;
  return Math.max(local, receivedAt) + offset;
}
