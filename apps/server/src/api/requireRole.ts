import type { Route } from '@feverfew/contracts';
import { SetMetadata } from '@nestjs/common';

export const ASKS_FOR = 'asksFor';

/** What a device must be allowed to do to use a handler; the guard reads it. `public` needs no connected device. */
export const RequireRole = (role: Route['role']) => SetMetadata(ASKS_FOR, role);
