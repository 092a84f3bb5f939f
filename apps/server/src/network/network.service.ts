import { existsSync, mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import type { HouseNetwork } from '@feverfew/contracts';
import { Inject, Injectable, type OnModuleDestroy } from '@nestjs/common';
import { HttpAdapterHost } from '@nestjs/core';
import { ServerError } from '../problems/serverError.js';
import { LAN_SETTINGS, LanServer, type LanSettings } from './lanServer.js';

/** Whether other devices may connect. It is set on a page and stored next to the data. */
@Injectable()
export class NetworkService implements OnModuleDestroy {
  private readonly door: LanServer;
  /** Its being there is the switch: of this computer, and not of the household, whose file goes elsewhere. */
  private readonly switchFile: string;

  constructor(
    @Inject(LAN_SETTINGS) private readonly settings: LanSettings,
    @Inject(HttpAdapterHost) host: HttpAdapterHost,
  ) {
    this.switchFile = join(settings.dir, 'open');
    this.door = new LanServer(settings, (request, response) =>
      host.httpAdapter.getInstance()(request, response),
    );
  }

  onModuleDestroy(): void {
    this.door.closeDoor();
  }

  get wasOpen(): boolean {
    return existsSync(this.switchFile);
  }

  read(): HouseNetwork {
    return {
      isOpen: this.door.isOpen,
      addresses: this.door.addresses(),
      rootFingerprint: this.door.houseRoot?.fingerprint ?? null,
      fault: this.door.whyNot,
    };
  }

  async open(): Promise<HouseNetwork> {
    await this.door.openDoor();
    if (this.door.isOpen) {
      mkdirSync(this.settings.dir, { recursive: true, mode: 0o700 });
      writeFileSync(this.switchFile, '');
    }
    return this.read();
  }

  shut(): HouseNetwork {
    this.door.closeDoor();
    rmSync(this.switchFile, { force: true });
    return this.read();
  }

  /** The household's root certificate, DER. @throws ServerError notFound */
  rootCertificate(): Buffer {
    const root = this.door.houseRoot;
    if (!root) throw new ServerError('notFound', { message: 'This house was never open by https.' });
    return root.der;
  }
}
