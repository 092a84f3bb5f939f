import type { Device, DeviceRole, Invitation } from '@feverfew/contracts';
import { Inject, Injectable } from '@nestjs/common';
import { and, asc, count, desc, eq, gt, inArray, lte, or } from 'drizzle-orm';
import { DATABASE } from '../database/database.module.js';
import type { Database } from '../database/openDatabase.js';
import { devices, invitations } from '../database/tables.js';

export interface KnownDevice {
  readonly id: string;
  readonly name: string;
  readonly role: DeviceRole;
  readonly tokenHash: string;
}

export interface OpenInvitation extends Pick<Invitation, 'id' | 'name' | 'role'> {
  readonly keyHash: string;
  readonly codeHash: string;
  readonly expiresAt: Date;
}

@Injectable()
export class DevicesRepository {
  constructor(@Inject(DATABASE) private readonly db: Database) {}

  known(): Promise<KnownDevice[]> {
    const { id, name, role, tokenHash } = devices;
    return this.db.select({ id, name, role, tokenHash }).from(devices);
  }

  async list(): Promise<Device[]> {
    const rows = await this.db.select().from(devices).orderBy(asc(devices.createdAt), asc(devices.id));
    return rows.map(({ id, name, role, createdAt, lastSeenAt }) => ({
      id,
      name,
      role,
      letInAt: createdAt.toISOString(),
      lastSeenAt: lastSeenAt.toISOString(),
    }));
  }

  /** @returns false where it was not there */
  async change(id: string, changed: { readonly name: string; readonly role: DeviceRole }): Promise<boolean> {
    const rows = await this.db.update(devices).set(changed).where(eq(devices.id, id)).returning();
    return rows.length > 0;
  }

  /** @returns false where it was not there */
  async remove(id: string): Promise<boolean> {
    const rows = await this.db.delete(devices).where(eq(devices.id, id)).returning();
    return rows.length > 0;
  }

  async seen(id: string, at: Date): Promise<void> {
    await this.db.update(devices).set({ lastSeenAt: at }).where(eq(devices.id, id));
  }

  /** @param most how many may be open with it: the oldest make room, and what has run out goes */
  async invite(invitation: OpenInvitation, now: Date, most: number): Promise<void> {
    await this.db.transaction(async (tx) => {
      await tx.delete(invitations).where(lte(invitations.expiresAt, now));
      const open = await tx
        .select({ id: invitations.id })
        .from(invitations)
        .orderBy(desc(invitations.expiresAt));
      const inTheWay = open.slice(most - 1).map(({ id }) => id);
      if (inTheWay.length > 0) await tx.delete(invitations).where(inArray(invitations.id, inTheWay));
      await tx.insert(invitations).values(invitation);
    });
  }

  async withdraw(id: string): Promise<void> {
    await this.db.delete(invitations).where(eq(invitations.id, id));
  }

  async devices(): Promise<number> {
    const [row] = await this.db.select({ n: count() }).from(devices);
    return row?.n ?? 0;
  }

  /**
   * Takes the invitation and lets the device in, both or neither: an invitation lets in one.
   * @param shown SHA-256 of the key or the code that was shown
   * @returns null where there is no such invitation, or it has run out
   */
  async letIn(
    shown: string,
    device: { readonly id: string; readonly tokenHash: string },
    now: Date,
  ): Promise<KnownDevice | null> {
    return this.db.transaction(async (tx) => {
      const [taken] = await tx
        .delete(invitations)
        .where(
          and(
            or(eq(invitations.keyHash, shown), eq(invitations.codeHash, shown)),
            gt(invitations.expiresAt, now),
          ),
        )
        .returning();
      if (!taken) return null;
      const known = { ...device, name: taken.name, role: taken.role };
      await tx.insert(devices).values({ ...known, createdAt: now, lastSeenAt: now });
      return known;
    });
  }
}
