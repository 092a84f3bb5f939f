import {
  type AfterTap,
  type AskClashes,
  type ChangeCourse,
  type NewRun,
  type NewRunEvent,
  type OtherCourseView,
  type RunView,
  TapAnswer,
} from '@feverfew/contracts';
import type { Clash } from '@feverfew/core';
import { Controller, Inject, Param, Query, Res } from '@nestjs/common';
import type { Response } from 'express';
import { BodyOf, Serves } from '../api/serves.js';
import { DevicesService } from '../devices/devices.service.js';
import { requireStillMay } from '../devices/role.guard.js';
import { ID } from '../problems/idPipe.js';
import { InOrder } from '../turns/inOrder.js';
import { CourseService } from './course.service.js';
import { RunsService } from './runs.service.js';

@Controller()
export class RunsController {
  private readonly taps = new InOrder();

  constructor(
    @Inject(RunsService) private readonly service: RunsService,
    @Inject(CourseService) private readonly course: CourseService,
    @Inject(DevicesService) private readonly devices: DevicesService,
  ) {}

  @Serves('startRun')
  start(@BodyOf('startRun') body: NewRun): Promise<RunView> {
    return this.service.start(body);
  }

  /** Before a start: what else would want the same vessel or the machine. */
  @Serves('findClashes')
  clashes(@BodyOf('findClashes') body: AskClashes): Promise<Clash[]> {
    return this.service.clashesOfStart(body);
  }

  @Serves('readRun')
  read(@Param('id', ID) id: string): Promise<RunView> {
    return this.service.read(id);
  }

  /** The alternatives to the current step. */
  @Serves('findRunAlternatives')
  otherCourse(@Param('id', ID) id: string): Promise<OtherCourseView> {
    return this.course.other(id);
  }

  @Serves('updateRunCourse')
  changeCourse(@Param('id', ID) id: string, @BodyOf('updateRunCourse') body: ChangeCourse): Promise<RunView> {
    return this.course.change(id, body);
  }

  @Serves('addRunEvent')
  async append(
    @Param('id', ID) id: string,
    @BodyOf('addRunEvent') body: NewRunEvent,
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
