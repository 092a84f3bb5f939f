import {
  type ChangedDevice,
  type DeviceRole,
  type JoinHouse,
  mayDo,
  type Requester,
} from '@feverfew/contracts';
import { useMutation, useQuery } from '@tanstack/react-query';
import { call } from '../app/api/api';
import { useAnswered } from './queryClient';
import { keyOf, queryOf } from './routeQuery';

const useMe = () => useQuery({ ...queryOf('readRequester'), staleTime: Number.POSITIVE_INFINITY });

/** Whether this device may do it; taken to be so until it is known, since the server asks as well. */
export function useMay(role: DeviceRole): boolean {
  const me = useMe().data;
  return !me || mayDo(me.role, role);
}

export const useWhoIAm = (): Requester | undefined => useMe().data;

export const useDevices = () =>
  useQuery({
    ...queryOf('listDevices'),
    // When each was last seen goes on without news.
    refetchInterval: 60_000,
  });

export const useNetwork = () => useQuery(queryOf('readNetwork'));

export const useSetNetwork = () =>
  useAnswered('updateNetwork', (isOpen: boolean) => ({ body: { isOpen } }), keyOf('readNetwork'));

export const useInvite = () =>
  useMutation({ mutationFn: (device: ChangedDevice) => call('inviteDevice', { body: device }) });

/** The code that was shown opens nothing any more. */
export const withdrawInvitation = (id: string): Promise<null> =>
  call('withdrawInvitation', { params: { id } });

export const useChangeDevice = () =>
  useAnswered(
    'updateDevice',
    ({ id, ...changed }: ChangedDevice & { readonly id: string }) => ({ params: { id }, body: changed }),
    keyOf('listDevices'),
  );

export const useRemoveDevice = () =>
  useAnswered('removeDevice', (id: string) => ({ params: { id } }), keyOf('listDevices'));

export const joinHouse = (shown: JoinHouse): Promise<Requester> => call('joinHousehold', { body: shown });
