import type { ChangedDevice, Device, Invitation, JoinHouse, Requester } from '@feverfew/contracts';
import { Controller, Inject, Param, Req, Res, UseGuards } from '@nestjs/common';
import type { Request, Response } from 'express';
import { BodyOf, Serves } from '../api/serves.js';
import { ID } from '../problems/idPipe.js';
import { Takes } from '../requests/body.guard.js';
import { getRequester, THIS_COMPUTER } from '../requests/door.js';
import { deviceToken, setDeviceCookie } from './deviceCookie.js';
import { DevicesService } from './devices.service.js';
import { TriesGuard } from './triesGuard.js';

@Controller()
export class DevicesController {
  constructor(@Inject(DevicesService) private readonly service: DevicesService) {}

  @Serves('listDevices')
  list(): Promise<Device[]> {
    return this.service.list();
  }

  /** Who asks, and what it may do. */
  @Serves('readRequester')
  me(@Req() request: Request, @Res({ passthrough: true }) response: Response): Requester {
    const who = getRequester(response) ?? THIS_COMPUTER;
    const token = deviceToken(request);
    if (who.deviceId !== null && token !== null) setDeviceCookie(request, response, token);
    return who;
  }

  /** A key and a code that let in one device, for ten minutes. */
  @Serves('inviteDevice')
  invite(@BodyOf('inviteDevice') body: ChangedDevice): Promise<Invitation> {
    return this.service.invite(body);
  }

  @Serves('withdrawInvitation')
  withdraw(@Param('id', ID) id: string): Promise<void> {
    return this.service.withdraw(id);
  }

  /** Lets the device that asks in. What it shows from now on is in a cookie no page can read. */
  @Serves('joinHousehold')
  @Takes('code')
  @UseGuards(TriesGuard)
  async join(
    @BodyOf('joinHousehold') body: JoinHouse,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<Requester> {
    const { token, who } = await this.service.join(body);
    setDeviceCookie(request, response, token);
    return who;
  }

  @Serves('updateDevice')
  change(@Param('id', ID) id: string, @BodyOf('updateDevice') body: ChangedDevice): Promise<Device[]> {
    return this.service.change(id, body);
  }

  @Serves('removeDevice')
  remove(@Param('id', ID) id: string): Promise<Device[]> {
    return this.service.remove(id);
  }
}
