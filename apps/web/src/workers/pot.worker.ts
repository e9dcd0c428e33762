import type { Asked, Replied } from './jobs.js';
import { work } from './work.js';

addEventListener('message', ({ data: { id, job } }: MessageEvent<Asked>) => {
  const reply: Replied = { id, value: work(job) };
  postMessage(reply);
});
