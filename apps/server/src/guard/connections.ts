import type { Server } from 'node:http';
import type { Socket } from 'node:net';

/** Connections that are held at once, of one address (a browser has six), and of this machine, where pages, programs and a proxy are. */
const MOST = 800;
const MOST_OF_ADDRESS = 16;
const MOST_OF_MACHINE = 400;
/** The head of a request has arrived in this time, ms, and all of the largest archive in this. */
const HEAD_MS = 10_000;
const WHOLE_MS = 15 * 60_000;
/** How often connections that are overdue are looked for, ms. */
const LOOK_MS = 2_000;
/** An idle connection is closed after this time, ms. */
const IDLE_MS = 5_000;

const isOfMachine = (address: string): boolean => /^(?:::ffff:)?127\.0\.0\.1$|^::1$/u.test(address);

/** Bounds what connections may hold: in number, of each address, and in time. Slow and silent ones take nobody else's place. */
export function boundConnections(server: Server): void {
  server.maxConnections = MOST;
  server.headersTimeout = HEAD_MS;
  server.requestTimeout = WHOLE_MS;
  server.keepAliveTimeout = IDLE_MS;
  // Read when it begins to listen; only its type says that it is for the constructor alone.
  (server as Server & { connectionsCheckingInterval: number }).connectionsCheckingInterval = LOOK_MS;
  const byAddress = new Map<string, number>();
  let others = 0;
  server.on('connection', (socket: Socket) => {
    const address = socket.remoteAddress ?? '';
    const now = byAddress.get(address) ?? 0;
    const isOther = !isOfMachine(address);
    // However many addresses somebody has, this machine's places are kept.
    if (
      now >= (isOther ? MOST_OF_ADDRESS : MOST_OF_MACHINE) ||
      (isOther && others >= MOST - MOST_OF_MACHINE)
    ) {
      socket.destroy();
      return;
    }
    byAddress.set(address, now + 1);
    if (isOther) others += 1;
    socket.once('close', () => {
      if (isOther) others -= 1;
      const left = (byAddress.get(address) ?? 1) - 1;
      if (left > 0) byAddress.set(address, left);
      else byAddress.delete(address);
    });
  });
}
