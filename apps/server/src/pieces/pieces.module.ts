import { Module } from '@nestjs/common';
import { PlansModule } from '../plans/plans.module.js';
import { PiecesRepository } from './pieces.repository.js';
import { PiecesService } from './pieces.service.js';

@Module({ imports: [PlansModule], providers: [PiecesService, PiecesRepository], exports: [PiecesService] })
export class PiecesModule {}
