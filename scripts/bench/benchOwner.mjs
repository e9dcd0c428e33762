import { request } from 'node:http';
import { parentPort, workerData } from 'node:worker_threads';

/** The one at the keyboard: asks what a page asks, one after another, until it is told that it is over; then says how that went. */
const { port } = workerData;
const PATHS = ['/api/household', '/api/changes', '/api/bags', '/api/cooks?limit=50'];
const PAUSE_MS = 15;

let over = false;
parentPort.once('message', () => (over = true));

const ask = (path) =>
  new Promise((done) => {
    const sent = request({ host: '127.0.0.1', port, path, agent: false }, (reply) => {
      reply.resume();
      reply.on('close', () => done(reply.statusCode));
    });
    sent.setTimeout(20_000, () => sent.destroy());
    sent.on('error', () => done(0));
    sent.end();
  });

let [slowestMs, asked, failed] = [0, 0, 0];
while (!over) {
  const began = performance.now();
  const status = await ask(PATHS[asked % PATHS.length]);
  slowestMs = Math.max(slowestMs, performance.now() - began);
  asked += 1;
  if (status !== 200) failed += 1;
  await new Promise((later) => setTimeout(later, PAUSE_MS));
}
parentPort.postMessage({ slowestMs, asked, failed });
