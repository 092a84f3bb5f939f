import { NewTrial, NewTrialEvent, TrialView } from '@feverfew/contracts';
import { Body, Controller, Get, HttpCode, Inject, Param, Post } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { RequireRole } from '../devices/role.guard.js';
import { ID } from '../problems/idPipe.js';
import { TrialsService } from './trials.service.js';

@ApiTags('trials')
@Controller('trials')
export class TrialsController {
  constructor(@Inject(TrialsService) private readonly service: TrialsService) {}

  @Post()
  @ApiOkResponse({ standardSchema: TrialView })
  start(@Body({ schema: NewTrial }) body: NewTrial): Promise<TrialView> {
    return this.service.start(body);
  }

  @Get(':id')
  @ApiOkResponse({ standardSchema: TrialView })
  read(@Param('id', ID) id: string): Promise<TrialView> {
    return this.service.read(id);
  }

  @Post(':id/events')
  @RequireRole('tub')
  @HttpCode(200)
  @ApiOkResponse({ standardSchema: TrialView })
  append(
    @Param('id', ID) id: string,
    @Body({ schema: NewTrialEvent }) body: NewTrialEvent,
  ): Promise<TrialView> {
    return this.service.append(id, body);
  }
}
