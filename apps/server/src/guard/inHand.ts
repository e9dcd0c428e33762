import {
  type CanActivate,
  type ExecutionContext,
  Injectable,
  SetMetadata,
  type CustomDecorator,
} from '@nestjs/common';
import { Reflector } from '@nestjs/core';
import type { NextFunction, RequestHandler, Response } from 'express';
import { sendProblem } from '../common/problemFilter.js';
import { ProblemException } from '../common/problems.js';
import { senderOf, type Asked, type Who } from './asks.js';

/** Requests of one sender that are in hand at once, and what they may weigh together; the rest of those in hand waits its turn. */
interface Share {
  readonly requests: number;
  readonly weight: number;
}
/** A page has six connections. This machine may have a dozen pages open, and programs of its own. */
const SHARES: Readonly<Record<Who, Share>> = {
  here: { requests: 128, weight: 16 },
  cook: { requests: 32, weight: 8 },
  guest: { requests: 16, weight: 4 },
  nobody: { requests: 16, weight: 4 },
};

/** What this machine's own pages ask all the time is light too. */
const LIGHT_HERE = 2;

const COST = 'cost';
/** Says on a route what it weighs: 1 is a row read or written, as every route is that says nothing; more what keeps the machine busy. */
export const Costs = (weight: number): CustomDecorator => SetMetadata(COST, weight);

/** Requests in hand by sender. One that is turned away is told so at once: before its body is read. */
export function fewInHand(): RequestHandler {
  const inHand = new Map<string, number>();
  return (request: Asked, response: Response, next: NextFunction): void => {
    const sender = senderOf(request);
    const now = inHand.get(sender) ?? 0;
    if (now >= SHARES[request.who ?? 'nobody'].requests) {
      response.setHeader('retry-after', '1');
      sendProblem(response, 429, 'busy', 'Too much at once from this device: wait for what was asked');
      return;
    }
    inHand.set(sender, now + 1);
    response.once('close', () => {
      const left = (inHand.get(sender) ?? 1) - 1;
      if (left > 0) inHand.set(sender, left);
      else inHand.delete(sender);
    });
    next();
  };
}

const gone = (): ProblemException => new ProblemException(503, 'gone', 'Whoever asked is gone');

/** What one sender has in hand by weight, and who waits for it to become less. */
interface Hands {
  weight: number;
  readonly waiting: { readonly cost: number; readonly go: () => void; gone: boolean }[];
}

/** Lets a sender's requests through as far as they do not weigh too much together: one device's worst leaves the others alone. */
@Injectable()
export class WeightGuard implements CanActivate {
  private readonly hands = new Map<string, Hands>();

  constructor(private readonly reflector: Reflector) {}

  async canActivate(context: ExecutionContext): Promise<boolean> {
    const http = context.switchToHttp();
    const request = http.getRequest<Asked>();
    const response = http.getResponse<Response>();
    const cost = this.reflector.get<number | undefined>(COST, context.getHandler()) ?? 1;
    // What is light is never kept waiting behind what is heavy: it is bounded by its number.
    if (cost <= (request.who === 'here' ? LIGHT_HERE : 1)) return true;
    const sender = senderOf(request);
    const most = SHARES[request.who ?? 'nobody'].weight;
    const hands = this.hands.get(sender) ?? { weight: 0, waiting: [] };
    this.hands.set(sender, hands);
    // Taken up while it is known that somebody waits for it: what is taken is given back when the reply is closed.
    const take = (): void => {
      hands.weight += cost;
      response.once('close', () => {
        hands.weight -= cost;
        this.next(sender, hands, most);
      });
    };
    if (response.closed) throw gone();
    if (hands.weight === 0 || (hands.waiting.length === 0 && hands.weight + cost <= most)) take();
    else if (!(await this.turn(hands, { cost, take }, response))) throw gone();
    return true;
  }

  /** True when it is its turn; false when the caller left before. */
  private turn(
    hands: Hands,
    { cost, take }: { readonly cost: number; readonly take: () => void },
    response: Response,
  ): Promise<boolean> {
    return new Promise((done) => {
      const place = {
        cost,
        gone: false,
        go: () => {
          take();
          done(true);
        },
      };
      hands.waiting.push(place);
      response.once('close', () => {
        place.gone = true;
        done(false);
      });
    });
  }

  private next(sender: string, hands: Hands, most: number): void {
    for (let [first] = hands.waiting; first; [first] = hands.waiting) {
      if (!first.gone && hands.weight > 0 && hands.weight + first.cost > most) return;
      hands.waiting.shift();
      if (!first.gone) first.go();
    }
    if (hands.weight === 0) this.hands.delete(sender);
  }
}
