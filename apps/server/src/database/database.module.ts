import { type DynamicModule, Global, Module } from '@nestjs/common';
import { NEWS_LINE, type NewsLine } from '../changes/newsLine.js';
import type { ClockWatch } from '../clock/steadyClock.js';
import { LAN_SETTINGS, type LanSettings } from '../network/lanServer.js';
import { SEAL_KEY } from '../plans/sealPlan.js';
import type { Database } from './openDatabase.js';

export const DATABASE = Symbol('database');
export const CLOCK = Symbol('clock');
export type Clock = () => Date;
export const CLOCK_WATCH = Symbol('clockWatch');
export const IS_ALONE = Symbol('isAlone');

/** The foundation of the application. */
export interface Given {
  readonly db: Database;
  readonly clock: Clock;
  readonly clockWatch: ClockWatch;
  readonly sealKey: Buffer;
  readonly door: LanSettings;
  readonly newsLine: NewsLine;
  /** No other server is at work on the database. */
  readonly isAlone: boolean;
}

@Global()
@Module({})
// biome-ignore lint/complexity/noStaticOnlyClass: Nest modules are classes
export class DatabaseModule {
  static with({ db, clock, sealKey, clockWatch, door, newsLine, isAlone }: Given): DynamicModule {
    return {
      module: DatabaseModule,
      providers: [
        { provide: DATABASE, useValue: db },
        { provide: CLOCK, useValue: clock },
        { provide: SEAL_KEY, useValue: sealKey },
        { provide: CLOCK_WATCH, useValue: clockWatch },
        { provide: LAN_SETTINGS, useValue: door },
        { provide: NEWS_LINE, useValue: newsLine },
        { provide: IS_ALONE, useValue: isAlone },
      ],
      exports: [DATABASE, CLOCK, SEAL_KEY, CLOCK_WATCH, LAN_SETTINGS, NEWS_LINE, IS_ALONE],
    };
  }
}
