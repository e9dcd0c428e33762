import type { Lists } from '../../words/archiveWords.js';

/** An archive that was looked over. */
export interface LookedOver {
  readonly id: string;
  readonly lists: Lists;
  readonly wrong: readonly string[];
  readonly wrongCount: number;
}
export interface Why {
  readonly why: string;
}

const GONE: Why = { why: 'Hammock does not answer: is the machine it runs on on? Nothing was changed.' };

/** Sends a file to be looked over, telling how much of it is there; it can be stopped. */
export function lookOver(
  file: File,
  stop: AbortSignal,
  told: (share: number) => void,
): Promise<LookedOver | Why> {
  return new Promise((done) => {
    // A fetch does not tell how far it has come.
    const sent = new XMLHttpRequest();
    sent.open('POST', '/api/archive/incoming');
    sent.setRequestHeader('content-type', 'application/json');
    sent.upload.onprogress = ({ loaded, total }) => told(total > 0 ? (0.5 * loaded) / total : 0);
    sent.onload = () => done(answered(sent.status, sent.responseText));
    sent.onerror = () => done(GONE);
    sent.onabort = () => done({ why: 'Stopped. Nothing was changed.' });
    stop.addEventListener('abort', () => sent.abort());
    sent.send(file);
  });
}

/** Puts a file in that was looked over. */
export async function putIn(id: string, how: 'merge' | 'instead'): Promise<LookedOver | Why> {
  try {
    const reply = await fetch(`/api/archive/incoming/${id}`, post({ how }));
    return answered(reply.status, await reply.text());
  } catch {
    return GONE;
  }
}

/** Forgets a file that was looked over. */
export const forgetIncoming = (id: string): void => {
  fetch(`/api/archive/incoming/${id}`, { method: 'DELETE' }).catch(() => undefined);
};

/** Everything away for good; the reason where it is not. */
export async function takeAllAway(): Promise<string | undefined> {
  try {
    const reply = await fetch('/api/everything', post({ takeAway: 'everything' }));
    return reply.ok ? undefined : 'The server could not. Nothing was erased.';
  } catch {
    return GONE.why;
  }
}

const post = (body: object): RequestInit => ({
  method: 'POST',
  headers: { 'content-type': 'application/json' },
  body: JSON.stringify(body),
});

function answered(status: number, text: string): LookedOver | Why {
  try {
    const body = JSON.parse(text) as LookedOver & { title?: string };
    if (status === 200) return body;
    return { why: body.title ?? `The server said ${status.toString()}. Nothing was changed.` };
  } catch {
    return GONE;
  }
}
