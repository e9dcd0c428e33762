/** A reply as the screens need it: stored, refused with reasons, or nobody there. */
export type Reply =
  | { readonly kind: 'stored'; readonly body: unknown }
  | { readonly kind: 'refused'; readonly status: number; readonly reasons: readonly string[] }
  | { readonly kind: 'gone' };

export type Method = 'GET' | 'PUT' | 'PATCH' | 'DELETE';

/** A server that does not answer in this time is as good as gone, ms. */
const PATIENCE_MS = 8000;

/** Asks the server. Never throws: a lost connection is a reply like any other. */
export async function ask(method: Method, path: string, body?: unknown): Promise<Reply> {
  try {
    const response = await fetch(path, {
      method,
      ...(body === undefined
        ? {}
        : { body: JSON.stringify(body), headers: { 'content-type': 'application/json' } }),
      signal: AbortSignal.timeout(PATIENCE_MS),
    });
    // A proxy or a server on its way down answers 502 to 504: nothing was refused, it is not there.
    if (response.status >= 502) return { kind: 'gone' };
    const text = await response.text();
    const parsed: unknown = text === '' ? undefined : JSON.parse(text);
    if (response.ok) return { kind: 'stored', body: parsed };
    return { kind: 'refused', status: response.status, reasons: reasonsOf(parsed, response.status) };
  } catch {
    return { kind: 'gone' };
  }
}

interface ProblemBody {
  readonly title?: string;
  readonly errors?: readonly { readonly field: string; readonly message: string }[];
}

function reasonsOf(body: unknown, status: number): readonly string[] {
  const problem = (body ?? {}) as ProblemBody;
  if (problem.errors && problem.errors.length > 0)
    return problem.errors.map((e) => `${e.field}: ${e.message}`);
  return [problem.title ?? `The server said ${status.toString()}.`];
}
