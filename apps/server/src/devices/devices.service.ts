import { createHash, randomBytes, randomInt, randomUUID } from 'node:crypto';
import {
  type ChangedDevice,
  type Device,
  type Invitation,
  type JoinHouse,
  MAX_DEVICES,
  type Requester,
} from '@feverfew/contracts';
import { Inject, Injectable, type OnModuleDestroy } from '@nestjs/common';
import { ChangesFeed } from '../changes/changesFeed.js';
import { CLOCK, type Clock } from '../database/database.module.js';
import { ServerError } from '../problems/serverError.js';
import { DevicesRepository, type KnownDevice } from './devices.repository.js';

/** How long an invitation holds. */
const INVITATION_MS = 10 * 60_000;
/** How many may be open at once: one more takes the place of the oldest. */
const MAX_INVITATIONS = 5;
/** Signs of a code: none that an eye takes for another (0 and O, 1 and I and L, 2 and Z, 5 and S, 8 and B, U and V). */
const SIGNS = 'ACDEFGHJKMNPQRTVWXY34679';
/** 24^8 codes, ten minutes, five tries a minute: one in two thousand million is guessed. */
const CODE_LENGTH = 8;
/** When it was last seen is written down no more often than this. */
const SEEN_MS = 5 * 60_000;

@Injectable()
export class DevicesService implements OnModuleDestroy {
  /** Read once and after each change: every request asks for it. */
  private known: Promise<ReadonlyMap<string, KnownDevice>> | null = null;
  private readonly seen = new Map<string, Date>();
  private readonly written = new Map<string, number>();
  private readonly listening;

  constructor(
    @Inject(DevicesRepository) private readonly repository: DevicesRepository,
    @Inject(ChangesFeed) private readonly feed: ChangesFeed,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {
    this.listening = feed.news.subscribe(({ topic }) => {
      if (topic === 'devices') this.known = null;
    });
  }

  onModuleDestroy(): void {
    this.listening.unsubscribe();
  }

  /** The device that shows this token; null where none was let in with it. */
  async whoShows(token: string): Promise<Requester | null> {
    this.known ??= this.readKnown();
    const device = (await this.known).get(sha256(token));
    if (!device) return null;
    this.noteSeen(device.id);
    return { deviceId: device.id, name: device.name, role: device.role };
  }

  async list(): Promise<Device[]> {
    const listed = await this.repository.list();
    return listed.map((device) => ({
      ...device,
      lastSeenAt: this.seen.get(device.id)?.toISOString() ?? device.lastSeenAt,
    }));
  }

  /** @throws ServerError tooManyDevices */
  async invite({ name, role }: ChangedDevice): Promise<Invitation> {
    const now = this.clock();
    if ((await this.repository.devices()) >= MAX_DEVICES)
      throw new ServerError('tooManyDevices', {
        message: `There are ${MAX_DEVICES} devices. Remove one that is not used any more first.`,
      });
    const key = randomBytes(32).toString('base64url');
    const code = Array.from({ length: CODE_LENGTH }, () => SIGNS[randomInt(SIGNS.length)]).join('');
    const invitation = { id: randomUUID(), name, role };
    const kept = {
      ...invitation,
      keyHash: sha256(key),
      codeHash: sha256(code),
      expiresAt: new Date(now.getTime() + INVITATION_MS),
    };
    await this.repository.invite(kept, now, MAX_INVITATIONS);
    return { ...invitation, key, code: `${code.slice(0, 4)} ${code.slice(4)}`, holdsMs: INVITATION_MS };
  }

  withdraw(id: string): Promise<void> {
    return this.repository.withdraw(id);
  }

  /**
   * @returns the token of the device, which is shown only this once
   * @throws ServerError badCode
   */
  async join(shown: JoinHouse): Promise<{ readonly token: string; readonly who: Requester }> {
    const told = 'key' in shown ? shown.key : shown.code.toUpperCase().replaceAll(/[^A-Z0-9]/g, '');
    const token = randomBytes(32).toString('base64url');
    const device = await this.repository.letIn(
      sha256(told),
      { id: randomUUID(), tokenHash: sha256(token) },
      this.clock(),
    );
    if (!device)
      throw new ServerError('badCode', {
        message: 'That code is wrong, was used, or has run out. A new one is made where this house is open.',
      });
    this.feed.tell('devices', device.id);
    return { token, who: { deviceId: device.id, name: device.name, role: device.role } };
  }

  async change(id: string, changed: ChangedDevice): Promise<Device[]> {
    if (!(await this.repository.change(id, changed))) throw noSuchDevice();
    this.feed.tell('devices', id);
    return this.list();
  }

  async remove(id: string): Promise<Device[]> {
    if (!(await this.repository.remove(id))) throw noSuchDevice();
    this.feed.tell('devices', id);
    return this.list();
  }

  private async readKnown(): Promise<ReadonlyMap<string, KnownDevice>> {
    try {
      return new Map((await this.repository.known()).map((device) => [device.tokenHash, device]));
    } catch (error) {
      this.known = null;
      throw error;
    }
  }

  private noteSeen(id: string): void {
    const now = this.clock();
    this.seen.set(id, now);
    if (now.getTime() - (this.written.get(id) ?? Number.NEGATIVE_INFINITY) < SEEN_MS) return;
    this.written.set(id, now.getTime());
    // No one waits for it, and nothing hangs on it.
    void this.repository.seen(id, now).catch(() => undefined);
  }
}

const sha256 = (text: string): string => createHash('sha256').update(text).digest('hex');

const noSuchDevice = () => new ServerError('notFound', { message: 'That device is no longer connected.' });
