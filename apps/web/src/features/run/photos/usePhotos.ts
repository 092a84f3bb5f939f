import { get, update } from 'idb-keyval';
import { useCallback, useEffect, useState } from 'react';
import { v4 as newKey } from 'uuid';

export interface DevicePhoto {
  readonly id: string;
  readonly at: string;
  readonly blob: Blob;
}

const keyOf = (runId: string) => `feverfew.photos.${runId}`;

/** Pictures of a run kept on this device alone. */
export function useDevicePhotos(runId: string) {
  const [photos, setPhotos] = useState<readonly DevicePhoto[]>([]);
  const load = useCallback(async () => setPhotos((await get<DevicePhoto[]>(keyOf(runId))) ?? []), [runId]);
  useEffect(() => void load().catch(() => undefined), [load]);
  const change = async (turn: (photos: DevicePhoto[]) => DevicePhoto[]) => {
    await update<DevicePhoto[]>(keyOf(runId), (kept) => turn(kept ?? []));
    await load();
  };
  return {
    photos,
    add: (blob: Blob) => change((kept) => [...kept, { id: newKey(), at: new Date().toISOString(), blob }]),
    drop: (id: string) => change((kept) => kept.filter((photo) => photo.id !== id)),
  };
}
