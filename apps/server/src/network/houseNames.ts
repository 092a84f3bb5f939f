import { isIP } from 'node:net';
import { hostname, networkInterfaces } from 'node:os';

/** How devices may call this computer: its name, its name in the network by multicast (RFC 6762), and names given. */
export function ownNames(given: readonly string[]): string[] {
  const name = hostname().toLowerCase().split('.')[0] ?? '';
  const own =
    /^[a-z0-9]([a-z0-9-]*[a-z0-9])?$/.test(name) && name !== 'localhost' ? [name, `${name}.local`] : [];
  return [...new Set([...given.map((one) => one.toLowerCase()), ...own])];
}

/** Names that programs make for themselves; no device of the house uses them. */
const INSIDE = /^(docker|br-|veth|virbr|vmnet|vboxnet|lxc|cni|flannel|tailscale|tun|tap|wg|utun)/;

/** Addresses of this computer in the household's network, IPv4, those of real sockets and radios first. */
export function ownAddresses(): string[] {
  const all = Object.entries(networkInterfaces()).flatMap(([name, addresses]) =>
    (addresses ?? [])
      .filter(({ family, internal }) => family === 'IPv4' && !internal)
      .map(({ address }) => ({ address, isInside: INSIDE.test(name) })),
  );
  return all.sort((a, b) => Number(a.isInside) - Number(b.isInside)).map(({ address }) => address);
}

/**
 * Whether a request may use this host name. A numeric address needs no name server, so no page elsewhere
 * can make one lead here (see `requireOwnHost`).
 */
export const isNameInHouse = (name: string, given: readonly string[]): boolean =>
  isIP(name.replaceAll(/[[\]]/g, '')) !== 0 || ownNames(given).includes(name);
