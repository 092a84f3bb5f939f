import { useCallback, useState } from 'react';

/** A dialog whose code is fetched when it is first asked for, and which stays mounted from then on. */
export function useOnDemand() {
  const [isOpen, setOpen] = useState(false);
  const [isWanted, setWanted] = useState(false);
  const show = useCallback(() => {
    setWanted(true);
    setOpen(true);
  }, []);
  return { isOpen, isWanted, setOpen, show };
}
