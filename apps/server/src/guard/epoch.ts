import { type CanActivate, type ExecutionContext, Injectable } from '@nestjs/common';
import type { Request } from 'express';
import { ProblemException } from '../common/problems.js';
import { WriteQueue } from '../common/writeQueue.js';

/** In which epoch a page wrote what it sends. */
const HEADER = 'x-hammock-epoch';

/** Refuses what was written of a household that was erased, replaced or put back since: its author is asked first. */
@Injectable()
export class EpochGuard implements CanActivate {
  constructor(private readonly queue: WriteQueue) {}

  canActivate(context: ExecutionContext): boolean {
    const { method, headers } = context.switchToHttp().getRequest<Request>();
    const epoch = headers[HEADER];
    if (method === 'GET' || epoch === undefined || epoch === this.queue.epoch()) return true;
    throw new ProblemException(
      409,
      'epoch',
      'Everything here was erased, replaced or put back since this was written',
    );
  }
}
