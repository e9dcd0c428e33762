import { newId } from '../../storage/newId.js';
import type { Lists } from '../../words/storage/archiveWords.js';

/** An archive that was looked over. */
export interface LookedOver {
  readonly id: string;
  readonly lists: Lists;
  readonly wrong: readonly string[];
  readonly wrongCount: number;
}
export interface Why {
  readonly why: string;
  /** True where the file holds nothing, and taking the place of everything has to be said twice. */
  readonly isEmpty?: boolean;
}

const GONE: Why = { why: 'Hammock does not answer: is the machine it runs on on? Nothing was changed.' };

/** How often it is asked how far it has come, ms. */
const LOOK_MS = 300;
/** What of the way is sending a file. */
const SENT = 0.2;

/** Asks how far a file has come, until it is told to stop. */
function following(id: string, told: (share: number) => void): () => void {
  let isOver = false;
  const timer = setInterval(() => {
    fetch(`/api/archive/incoming/${id}`)
      .then(async (reply) => {
        const { share } = (await reply.json()) as { readonly share?: number };
        if (reply.ok && share !== undefined && !isOver) told(share);
      })
      .catch(() => undefined);
  }, LOOK_MS);
  return () => {
    isOver = true;
    clearInterval(timer);
  };
}

/** Sends a file to be looked over, telling how far it has come. It can be stopped. */
export function lookOver(
  file: File,
  stop: AbortSignal,
  told: (share: number) => void,
): Promise<LookedOver | Why> {
  const id = newId();
  return new Promise((done) => {
    let end = (): void => undefined;
    // A fetch does not tell how far it has come.
    const sent = new XMLHttpRequest();
    sent.open('POST', `/api/archive/incoming?as=${id}`);
    sent.setRequestHeader('content-type', 'application/json');
    sent.upload.onprogress = ({ loaded, total }) => told(total > 0 ? (SENT * loaded) / total : 0);
    sent.upload.onload = () => {
      end = following(id, (share) => told(SENT + (1 - SENT) * share));
    };
    sent.onload = () => done(answered(sent.status, sent.responseText));
    sent.onerror = () => done(GONE);
    sent.onabort = () => done({ why: 'Stopped. Nothing was changed.' });
    sent.onloadend = () => end();
    stop.addEventListener('abort', () => {
      sent.abort();
      forgetIncoming(id);
    });
    sent.send(file);
  });
}

/** Puts a file in that was looked over, telling how far it has come. */
export async function putIn(
  id: string,
  how: { readonly how: 'merge' | 'instead'; readonly evenIfEmpty: boolean },
  told: (share: number) => void,
): Promise<LookedOver | Why> {
  const end = following(id, told);
  try {
    const reply = await fetch(`/api/archive/incoming/${id}`, post(how));
    return answered(reply.status, await reply.text());
  } catch {
    return GONE;
  } finally {
    end();
  }
}

/** Forgets a file that was looked over; one that is being put in is stopped. */
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
    const body = JSON.parse(text) as LookedOver & {
      readonly title?: string;
      readonly errors?: readonly { readonly code: string }[];
    };
    if (status === 200) return body;
    const isEmpty = body.errors?.some(({ code }) => code === 'empty') ?? false;
    return { why: body.title ?? `The server said ${status.toString()}. Nothing was changed.`, isEmpty };
  } catch {
    return GONE;
  }
}
