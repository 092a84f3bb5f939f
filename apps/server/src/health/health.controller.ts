import { Controller, Inject, Res } from '@nestjs/common';
import type { Response } from 'express';
import { z } from 'zod';
import { Serves } from '../api/serves.js';
import { HealthRepository } from './health.repository.js';

const Health = z.strictObject({ status: z.enum(['up', 'away']) }).meta({ id: 'Health' });
type Health = z.infer<typeof Health>;
/** A database that has not answered by then does not. */
const PATIENCE_MS = 2000;

/** For whatever watches over this server: nothing of the house is in it. */
@Controller()
export class HealthController {
  constructor(@Inject(HealthRepository) private readonly repository: HealthRepository) {}

  /** The process answers. */
  @Serves('readHealth')
  health(): Health {
    return { status: 'up' };
  }

  /** It can be sent requests: the database answers too. 503 where it does not. */
  @Serves('readReady')
  async ready(@Res({ passthrough: true }) response: Response): Promise<Health> {
    let timer: NodeJS.Timeout | undefined;
    const late = new Promise<false>((resolve) => {
      timer = setTimeout(() => resolve(false), PATIENCE_MS);
    });
    const answers = this.repository.ask().then(
      () => true,
      () => false,
    );
    const isUp = await Promise.race([answers, late]);
    clearTimeout(timer);
    if (!isUp) response.status(503);
    return { status: isUp ? 'up' : 'away' };
  }
}
