import 'reflect-metadata';
import { EventEmitter } from 'node:events';
import { createServer } from 'node:http';
import { connect, type AddressInfo, type Socket } from 'node:net';
import { describe, expect, it } from '@jest/globals';
import { Reflector } from '@nestjs/core';
import type { Who } from './asks.js';
import { boundConnections } from './connections.js';
import { Costs, fewInHand, WeightGuard } from './inHand.js';

class Routes {
  @Costs(4)
  heavy(): void {
    // Only what it weighs is asked.
  }
  light(): void {
    // As every route that says nothing.
  }
}

/** A reply that is on its way until it is closed. */
class Reply extends EventEmitter {
  closed = false;
  close(): void {
    this.closed = true;
    this.emit('close');
  }
}
const soon = (): Promise<void> => new Promise((done) => setImmediate(done));

/** A guard, and what it let through in its order. */
function guarded() {
  const guard = new WeightGuard(new Reflector());
  const through: string[] = [];
  const ask = (
    name: string,
    route: keyof Routes,
    { from = '10.0.0.1', who = 'cook' }: { readonly from?: string; readonly who?: Who } = {},
  ): Reply => {
    const reply = new Reply();
    const context = {
      getHandler: () => Object.getOwnPropertyDescriptor(Routes.prototype, route)?.value as () => void,
      switchToHttp: () => ({ getRequest: () => ({ who, from }), getResponse: () => reply }),
    };
    guard.canActivate(context as never).then(
      () => through.push(name),
      () => through.push(`${name} gone`),
    );
    return reply;
  };
  return { ask, through };
}

describe('what one sender has in hand', () => {
  it('waits while it weighs too much together, in its order; what is light and who is another do not wait', async () => {
    const { ask, through } = guarded();
    const [first, second] = [ask('1', 'heavy'), ask('2', 'heavy')];
    ask('3', 'heavy');
    const fourth = ask('4', 'heavy');
    ask('light', 'light');
    ask('another', 'heavy', { from: '10.0.0.2' });
    await soon();
    expect([...through].sort()).toEqual(['1', '2', 'another', 'light']);
    first.close();
    await soon();
    expect(through.slice(4)).toEqual(['3']);
    // One that left while it waited is passed over.
    fourth.close();
    ask('5', 'heavy');
    second.close();
    await soon();
    expect(through.slice(5).sort()).toEqual(['4 gone', '5']);
  });

  it('gives back what it weighed however it ends: nothing is kept of those that left before their turn', async () => {
    const { ask, through } = guarded();
    for (let round = 0; round < 50; round += 1) {
      const replies = Array.from({ length: 5 }, (_, n) =>
        ask(`${round.toString()}.${n.toString()}`, 'heavy'),
      );
      await soon();
      for (const reply of replies.reverse()) reply.close();
      await soon();
    }
    const done = through.length;
    ask('last', 'heavy');
    ask('and another', 'heavy');
    await soon();
    expect(through.slice(done)).toEqual(['last', 'and another']);
  });

  it('is a few requests and no more: the next is told so before its body is read', () => {
    const few = fewInHand();
    const statuses: number[] = [];
    const replies = Array.from({ length: 18 }, () => {
      const reply = Object.assign(new Reply(), {
        req: { complete: false, method: 'POST', path: '/', headers: {}, socket: {} },
        setHeader: () => undefined,
        type: () => reply,
        send: () => undefined,
        status: (code: number) => {
          statuses.push(code);
          return reply;
        },
      });
      few({ who: 'guest', from: '10.0.0.1' } as never, reply as never, () => statuses.push(0));
      return reply;
    });
    expect(statuses).toEqual([...Array.from({ length: 16 }, () => 0), 429, 429]);
    replies[0]!.close();
    few({ who: 'guest', from: '10.0.0.1' } as never, replies[0] as never, () => statuses.push(0));
    expect(statuses.at(-1)).toBe(0);
  });
});

describe('connections', () => {
  it('are few for each address, and this machine’s own are kept', async () => {
    const server = createServer((_asked, reply) => reply.end('here'));
    boundConnections(server);
    await new Promise<void>((ready) => server.listen(0, '127.0.0.1', ready));
    const { port } = server.address() as AddressInfo;
    const sockets: Socket[] = [];
    let closed = 0;
    for (let n = 0; n < 30; n += 1) {
      const socket = connect({ port, host: '127.0.0.1', localAddress: '127.0.0.9' });
      socket.on('error', () => undefined);
      socket.on('close', () => (closed += 1));
      socket.resume();
      sockets.push(socket);
    }
    await new Promise((later) => setTimeout(later, 200));
    expect(closed).toBe(14);
    expect(await (await fetch(`http://127.0.0.1:${port.toString()}`)).text()).toBe('here');
    for (const socket of sockets) socket.destroy();
    server.closeAllConnections();
    await new Promise((done) => server.close(done));
  });
});
