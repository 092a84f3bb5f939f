import {
  type ChangedDevice,
  type Device,
  type DeviceRole,
  type HouseNetwork,
  type Invitation,
  type JoinHouse,
  mayDo,
  type Requester,
} from '@feverfew/contracts';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { request } from '../app/api/api';
import { showAnswer } from './queryClient';

const useMe = () =>
  useQuery({
    queryKey: ['me'],
    queryFn: ({ signal }) => request<Requester>('GET', '/devices/me', undefined, signal),
    staleTime: Number.POSITIVE_INFINITY,
  });

/** Whether this device may do it; taken to be so until it is known, since the server asks as well. */
export function useMay(role: DeviceRole): boolean {
  const me = useMe().data;
  return !me || mayDo(me.role, role);
}

export const useWhoIAm = (): Requester | undefined => useMe().data;

export const useDevices = () =>
  useQuery({
    queryKey: ['devices'],
    queryFn: ({ signal }) => request<Device[]>('GET', '/devices', undefined, signal),
    // When each was last seen goes on without news.
    refetchInterval: 60_000,
  });

export const useNetwork = () =>
  useQuery({
    queryKey: ['network'],
    queryFn: ({ signal }) => request<HouseNetwork>('GET', '/network', undefined, signal),
  });

export function useSetNetwork() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (isOpen: boolean) => request<HouseNetwork>('PUT', '/network', { isOpen }),
    onSuccess: (network) => showAnswer(client, ['network'], network),
  });
}

export const useInvite = () =>
  useMutation({
    mutationFn: (device: ChangedDevice) => request<Invitation>('POST', '/devices/invitations', device),
  });

/** The code that was shown opens nothing any more. */
export const withdrawInvitation = (id: string): Promise<null> =>
  request<null>('DELETE', `/devices/invitations/${id}`);

function useListed<Body>(send: (body: Body) => Promise<Device[]>) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: send,
    onSuccess: (devices) => showAnswer(client, ['devices'], devices),
  });
}

export const useChangeDevice = () =>
  useListed(({ id, ...changed }: ChangedDevice & { readonly id: string }) =>
    request<Device[]>('PUT', `/devices/${id}`, changed),
  );

export const useRemoveDevice = () => useListed((id: string) => request<Device[]>('DELETE', `/devices/${id}`));

export const joinHouse = (shown: JoinHouse): Promise<Requester> =>
  request<Requester>('POST', '/devices/join', shown);
