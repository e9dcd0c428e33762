import {
  type CanActivate,
  type ExecutionContext,
  Injectable,
  SetMetadata,
  type CustomDecorator,
} from '@nestjs/common';
import { Reflector } from '@nestjs/core';
import { ProblemException } from '../common/problems.js';
import type { Asked, Who } from './asks.js';

/** The least that somebody has to be to use a route. Whoever is more may too. */
export type Right = 'anybody' | 'guest' | 'cook';

const RIGHT = 'right';
const MAY: Readonly<Record<Right, ReadonlySet<Who>>> = {
  anybody: new Set(['here', 'cook', 'guest', 'nobody']),
  guest: new Set(['here', 'cook', 'guest']),
  cook: new Set(['here', 'cook']),
};

/** Says on a route who may use it. A route that does not say so is closed to everybody. */
export const Allow = (right: Right): CustomDecorator => SetMetadata(RIGHT, right);

/** Asks the route that was found who may use it: no spelling of a path comes past this. */
@Injectable()
export class RightsGuard implements CanActivate {
  constructor(private readonly reflector: Reflector) {}

  canActivate(context: ExecutionContext): boolean {
    const right = this.reflector.get<Right | undefined>(RIGHT, context.getHandler());
    const { who = 'nobody' } = context.switchToHttp().getRequest<Asked>();
    if (right === undefined)
      throw new ProblemException(403, 'closed', 'This way in was not opened to anybody');
    if (MAY[right].has(who)) return true;
    if (who === 'guest')
      throw new ProblemException(403, 'guest', 'Guests read what is on the stove and change nothing');
    throw new ProblemException(401, 'join', 'This device was not let in, or was let go');
  }
}
