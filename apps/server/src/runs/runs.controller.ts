import {
  type AfterTap,
  AskClashes,
  ChangeCourse,
  ClashShape,
  NewRun,
  NewRunEvent,
  OtherCourseShape,
  type OtherCourseView,
  Run,
  RunAfterTap,
  type RunView,
  TapAnswer,
} from '@feverfew/contracts';
import type { Clash } from '@feverfew/core';
import { Body, Controller, Get, HttpCode, Inject, Param, Post, Put, Query, Res } from '@nestjs/common';
import { ApiCreatedResponse, ApiOkResponse, ApiQuery, ApiTags } from '@nestjs/swagger';
import type { Response } from 'express';
import { z } from 'zod';
import { DevicesService } from '../devices/devices.service.js';
import { RequireRole, requireStillMay } from '../devices/role.guard.js';
import { ID } from '../problems/idPipe.js';
import { InOrder } from '../turns/inOrder.js';
import { CourseService } from './course.service.js';
import { RunsService } from './runs.service.js';

@ApiTags('runs')
@Controller('runs')
export class RunsController {
  private readonly taps = new InOrder();

  constructor(
    @Inject(RunsService) private readonly service: RunsService,
    @Inject(CourseService) private readonly course: CourseService,
    @Inject(DevicesService) private readonly devices: DevicesService,
  ) {}

  @Post()
  @ApiCreatedResponse({ standardSchema: Run })
  start(@Body({ schema: NewRun }) body: NewRun): Promise<RunView> {
    return this.service.start(body);
  }

  /** Before a start: what else would want the same vessel or the machine. */
  @Post('clashes')
  @RequireRole('look')
  @HttpCode(200)
  @ApiOkResponse({ standardSchema: z.array(ClashShape) })
  clashes(@Body({ schema: AskClashes }) body: AskClashes): Promise<Clash[]> {
    return this.service.clashesOfStart(body);
  }

  @Get(':id')
  @ApiOkResponse({ standardSchema: Run })
  read(@Param('id', ID) id: string): Promise<RunView> {
    return this.service.read(id);
  }

  /** The alternatives to the current step. */
  @Get(':id/course')
  @ApiOkResponse({ standardSchema: OtherCourseShape })
  otherCourse(@Param('id', ID) id: string): Promise<OtherCourseView> {
    return this.course.other(id);
  }

  @Put(':id/course')
  @RequireRole('tub')
  @ApiOkResponse({ standardSchema: Run })
  changeCourse(
    @Param('id', ID) id: string,
    @Body({ schema: ChangeCourse }) body: ChangeCourse,
  ): Promise<RunView> {
    return this.course.change(id, body);
  }

  @Post(':id/events')
  @RequireRole('tub')
  @HttpCode(200)
  @ApiQuery({ name: 'plan', enum: ['none'], required: false, description: 'none: the answer leaves it out' })
  @ApiOkResponse({ standardSchema: z.union([Run, RunAfterTap]) })
  async append(
    @Param('id', ID) id: string,
    @Body({ schema: NewRunEvent }) body: NewRunEvent,
    @Query({ schema: TapAnswer }) { plan: asked }: TapAnswer,
    @Res({ passthrough: true }) response: Response,
  ): Promise<RunView | AfterTap> {
    const run = await this.taps.take(async () => {
      await requireStillMay(this.devices, response, 'tub');
      return this.service.append(id, body);
    });
    if (asked !== 'none') return run;
    // Compressing it takes longer than sending it as it is through a house.
    response.setHeader('Cache-Control', 'no-store, no-transform');
    const { plan, ...after } = run;
    return after;
  }
}
