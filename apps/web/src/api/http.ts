/**
 * A reply as the screens need it: stored, refused for good, at odds with what is there, not now, or nobody there.
 * Only the first two are an end: what is `busy` or `gone` was neither stored nor refused.
 */
export type Reply =
  | { readonly kind: 'stored'; readonly body: unknown }
  | { readonly kind: 'refused'; readonly status: number; readonly reasons: readonly string[] }
  | { readonly kind: 'clash'; readonly current: unknown }
  /** Written of a household that was erased, replaced or put back since. */
  | { readonly kind: 'ofBefore' }
  | { readonly kind: 'busy'; readonly status: number; readonly afterMs: number | undefined }
  | { readonly kind: 'gone' };

export type Method = 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE';

/** A server that does not answer in this time is as good as gone, ms. */
const PATIENCE_MS = 8000;

/** Statuses that say "later": nothing is wrong with what was asked. */
const LATER: ReadonlySet<number> = new Set([408, 425, 429]);

let shutOut: () => void = () => undefined;
/** Who hears that this device was not let in, or was let go. What it has to say then waits, like in front of a closed door. */
export const onShutOut = (heard: () => void): void => {
  shutOut = heard;
};

/** What keeps the server from starting, as it says itself: why, and the copy that would mend it. */
export interface StartTrouble {
  readonly code: string;
  readonly copy?: { readonly name: string; readonly bytes: number; readonly madeAtMs: number };
}

let startTrouble: (trouble: StartTrouble | null) => void = () => undefined;
/** Who hears that the server cannot start, and that it has. */
export const onStartTrouble = (heard: (trouble: StartTrouble | null) => void): void => {
  startTrouble = heard;
};

/** Asks the server. Never throws: a lost connection is a reply like any other. */
export async function ask(method: Method, path: string, body?: unknown, epoch?: string): Promise<Reply> {
  try {
    const response = await fetch(path, {
      method,
      ...(body === undefined ? {} : { body: JSON.stringify(body) }),
      headers: {
        ...(body === undefined ? {} : { 'content-type': 'application/json' }),
        ...(epoch === undefined ? {} : { 'x-hammock-epoch': epoch }),
      },
      signal: AbortSignal.timeout(PATIENCE_MS),
    });
    const { status } = response;
    const text = await response.text();
    if (response.ok) startTrouble(null);
    if (response.ok) return { kind: 'stored', body: text === '' ? undefined : (JSON.parse(text) as unknown) };
    const problem = problemOf(text);
    // What stands between says 502 to 504 when nobody is behind it; the server itself gives a reason.
    if (status === 502 || status === 504 || (status === 503 && problem.type === undefined))
      return { kind: 'gone' };
    if (problem.type === 'urn:hammock:problem:start')
      startTrouble({ code: problem.code ?? 'unknown', ...(problem.copy ? { copy: problem.copy } : {}) });
    if (status === 401) {
      shutOut();
      return { kind: 'busy', status, afterMs: undefined };
    }
    if (status >= 500 || LATER.has(status)) return { kind: 'busy', status, afterMs: afterOf(response) };
    if (status === 409 && problem.type === 'urn:hammock:problem:epoch') return { kind: 'ofBefore' };
    if (status === 409 && problem.type === 'urn:hammock:problem:clash')
      return { kind: 'clash', current: problem.current };
    return { kind: 'refused', status, reasons: reasonsOf(problem, status) };
  } catch {
    return { kind: 'gone' };
  }
}

interface ProblemBody {
  readonly type?: string;
  readonly title?: string;
  readonly current?: unknown;
  readonly code?: string;
  readonly copy?: StartTrouble['copy'];
  readonly errors?: readonly { readonly field: string; readonly message: string }[];
}

function problemOf(text: string): ProblemBody {
  try {
    return (JSON.parse(text) ?? {}) as ProblemBody;
  } catch {
    return {};
  }
}

function afterOf(response: Response): number | undefined {
  const seconds = Number(response.headers.get('retry-after') ?? Number.NaN);
  return Number.isFinite(seconds) ? seconds * 1000 : undefined;
}

function reasonsOf(problem: ProblemBody, status: number): readonly string[] {
  if (problem.errors && problem.errors.length > 0)
    return problem.errors.map((e) => `${e.field}: ${e.message}`);
  return [problem.title ?? `The server said ${status.toString()}.`];
}
