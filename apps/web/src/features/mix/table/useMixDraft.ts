import { useCallback, useEffect, useRef, useState } from 'react';
import { useSearchParams } from 'react-router';
import { draftToSearch, type MixDraft, searchToDraft } from '../../../recipe/mixDraft';

/**
 * The mix on the table. It is mirrored into the address, so that a reload, a link and the way back keep it.
 * The address follows a moment later and never takes a newer change back.
 */
export function useMixDraft(): [MixDraft, (next: MixDraft) => void] {
  const [search, setSearch] = useSearchParams();
  const [draft, setDraft] = useState(() => searchToDraft(search));
  const own = useRef(new Set([search.toString()]));
  useEffect(() => {
    if (own.current.has(search.toString())) return;
    own.current.add(search.toString());
    setDraft(searchToDraft(search));
  }, [search]);
  const change = useCallback(
    (next: MixDraft) => {
      const address = draftToSearch(next);
      own.current.add(address.toString());
      setDraft(next);
      setSearch(address, { replace: true });
    },
    [setSearch],
  );
  return [draft, change];
}
