import { Injectable } from '@nestjs/common';

export interface BackupFault {
  readonly at: Date;
  readonly message: string;
}

/** How the last daily backup went; null while nothing is wrong. */
@Injectable()
export class BackupWatch {
  fault: BackupFault | null = null;
}
