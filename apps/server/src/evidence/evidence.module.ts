import { Module } from '@nestjs/common';
import { EvidenceRepository } from './evidence.repository.js';
import { EvidenceService } from './evidence.service.js';

@Module({ providers: [EvidenceService, EvidenceRepository], exports: [EvidenceService] })
export class EvidenceModule {}
