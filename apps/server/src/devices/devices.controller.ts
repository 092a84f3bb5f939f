import { ChangedDevice, Device, Invitation, JoinHouse, Requester } from '@feverfew/contracts';
import {
  Body,
  Controller,
  Delete,
  Get,
  HttpCode,
  Inject,
  Param,
  Post,
  Put,
  Req,
  Res,
  UseGuards,
} from '@nestjs/common';
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import type { Request, Response } from 'express';
import { z } from 'zod';
import { ID } from '../problems/idPipe.js';
import { Takes } from '../requests/body.guard.js';
import { getRequester, THIS_COMPUTER } from '../requests/door.js';
import { deviceToken, setDeviceCookie } from './deviceCookie.js';
import { DevicesService } from './devices.service.js';
import { Public, RequireRole } from './role.guard.js';
import { TriesGuard } from './triesGuard.js';

@ApiTags('devices')
@RequireRole('all')
@Controller('devices')
export class DevicesController {
  constructor(@Inject(DevicesService) private readonly service: DevicesService) {}

  @Get()
  @ApiOkResponse({ standardSchema: z.array(Device) })
  list(): Promise<Device[]> {
    return this.service.list();
  }

  /** Who asks, and what it may do. */
  @Get('me')
  @RequireRole('look')
  @ApiOkResponse({ standardSchema: Requester })
  me(@Req() request: Request, @Res({ passthrough: true }) response: Response): Requester {
    const who = getRequester(response) ?? THIS_COMPUTER;
    const token = deviceToken(request);
    if (who.deviceId !== null && token !== null) setDeviceCookie(request, response, token);
    return who;
  }

  /** A key and a code that let in one device, for ten minutes. */
  @Post('invitations')
  @ApiCreatedResponse({ standardSchema: Invitation })
  invite(@Body({ schema: ChangedDevice }) body: ChangedDevice): Promise<Invitation> {
    return this.service.invite(body);
  }

  @Delete('invitations/:id')
  @HttpCode(204)
  @ApiNoContentResponse({ description: 'Withdrawn' })
  withdraw(@Param('id', ID) id: string): Promise<void> {
    return this.service.withdraw(id);
  }

  /** Lets the device that asks in. What it shows from now on is in a cookie no page can read. */
  @Post('join')
  @HttpCode(200)
  @Public()
  @Takes('code')
  @UseGuards(TriesGuard)
  @ApiOkResponse({ standardSchema: Requester })
  async join(
    @Body({ schema: JoinHouse }) body: JoinHouse,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<Requester> {
    const { token, who } = await this.service.join(body);
    setDeviceCookie(request, response, token);
    return who;
  }

  @Put(':id')
  @ApiOkResponse({ standardSchema: z.array(Device) })
  change(
    @Param('id', ID) id: string,
    @Body({ schema: ChangedDevice }) body: ChangedDevice,
  ): Promise<Device[]> {
    return this.service.change(id, body);
  }

  @Delete(':id')
  @ApiOkResponse({ standardSchema: z.array(Device) })
  remove(@Param('id', ID) id: string): Promise<Device[]> {
    return this.service.remove(id);
  }
}
