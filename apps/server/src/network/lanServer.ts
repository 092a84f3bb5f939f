import { createServer, type RequestListener, type Server } from 'node:http';
import { createServer as createSafeServer, type Server as SafeServer } from 'node:https';
import type { HouseAddress } from '@feverfew/contracts';
import { listenOnFreePort } from '../listenOnFreePort.js';
import { markFromNetwork } from '../requests/door.js';
import { ownAddresses, ownNames } from './houseNames.js';
import { HouseRoot, type Leaf } from './houseRoot.js';

export const LAN_SETTINGS = Symbol('doorSettings');

export interface LanSettings {
  /** Where the household's root lies. */
  readonly dir: string;
  /** The first port that is tried; the one by https comes after it. */
  readonly port: number;
  /** Further names this computer is reached by. */
  readonly names: readonly string[];
}

const EVERYWHERE = '0.0.0.0';
const RENEW_EVERY_MS = 3600_000;
const LEAF_KEPT_MS = 30 * 24 * 3600_000;
/** What was asked when it was shut is still answered. */
const LAST_ANSWERS_MS = 500;

interface OpenDoor {
  readonly plain: { readonly server: Server; readonly port: number };
  readonly safe: { readonly server: SafeServer; readonly port: number } | null;
  readonly renewing: NodeJS.Timeout;
}

/** The door to the household's network: the same application by http and https, every request marked as from there. */
export class LanServer {
  private open: OpenDoor | null = null;
  private root: HouseRoot | null = null;
  private leafFor: { readonly reachedBy: string; readonly at: number } | null = null;
  private fault: string | null = null;

  constructor(
    private readonly settings: LanSettings,
    private readonly handle: RequestListener,
  ) {}

  get isOpen(): boolean {
    return this.open !== null;
  }

  get whyNot(): string | null {
    return this.fault;
  }

  /** The household's root; null until the door was opened once. */
  get houseRoot(): HouseRoot | null {
    return this.root;
  }

  /** Where devices reach this house, the address most of them reach first. */
  addresses(): HouseAddress[] {
    if (!this.open) return [];
    const { plain, safe } = this.open;
    const hosts = this.reachedBy();
    return [
      ...hosts.map((host) => ({ url: `http://${host}:${plain.port}`, isSafe: false })),
      ...(safe
        ? hosts
            .filter((host) => this.root?.vouchesFor(host))
            .map((host) => ({ url: `https://${host}:${safe.port}`, isSafe: true }))
        : []),
    ];
  }

  async openDoor(): Promise<void> {
    if (this.open) return;
    this.fault = null;
    const handle: RequestListener = (request, response) => {
      markFromNetwork(request);
      this.handle(request, response);
    };
    try {
      const server = createServer(handle);
      const plain = { server, port: await listenOnFreePort(server, EVERYWHERE, this.settings.port) };
      const safe = await this.openSafe(handle, plain.port + 1);
      const renewing = setInterval(() => void this.renew(), RENEW_EVERY_MS).unref();
      this.open = { plain, safe, renewing };
    } catch (error) {
      this.fault = `It could not be opened: ${(error as Error).message}`;
    }
  }

  closeDoor(): void {
    if (!this.open) return;
    const { plain, safe, renewing } = this.open;
    this.open = null;
    clearInterval(renewing);
    for (const server of [plain.server, safe?.server]) {
      server?.close();
      setTimeout(() => server?.closeAllConnections(), LAST_ANSWERS_MS).unref();
    }
  }

  /** By https too, or not at all by it: http goes without. */
  private async openSafe(handle: RequestListener, port: number): Promise<OpenDoor['safe']> {
    try {
      this.root ??= await HouseRoot.at(this.settings.dir, this.reachedBy(), new Date());
      const server = createSafeServer(await this.newLeaf(this.root), handle);
      return { server, port: await listenOnFreePort(server, EVERYWHERE, port) };
    } catch (error) {
      this.fault = `It is open by http alone; https could not be opened: ${(error as Error).message}`;
      return null;
    }
  }

  /** A new certificate where this computer is reached by something new, or the one there is has been used for long. */
  private async renew(): Promise<void> {
    const { root, leafFor } = this;
    const isFresh = leafFor?.reachedBy === this.reachedBy().join() && Date.now() - leafFor.at < LEAF_KEPT_MS;
    if (!this.open?.safe || !root || isFresh) return;
    this.open.safe.server.setSecureContext(await this.newLeaf(root));
  }

  private async newLeaf(root: HouseRoot): Promise<Leaf> {
    // Judged by the clocks of other computers: this one's own is nearer to them than one that is held steady.
    const now = new Date();
    this.leafFor = { reachedBy: this.reachedBy().join(), at: now.getTime() };
    return root.leaf(this.reachedBy(), now);
  }

  private readonly reachedBy = (): string[] => [...ownAddresses(), ...ownNames(this.settings.names)];
}
