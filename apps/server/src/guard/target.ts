import type { Request } from 'express';

/** What a request asks for, whatever way its path was spelled. */
export interface Target {
  /** Decoded, lower case, one slash between segments and none at the end, no parameters: "/api/cooks". */
  readonly path: string;
  /** Whether it is of the API: data, and not a page or a file of one. */
  readonly isData: boolean;
}

const KNOWN = new WeakMap<object, Target | null>();

/**
 * The one place that says what a path is. The door, the headers, the limits and the pages all ask here, so that no spelling is one
 * thing to one of them and something else to another.
 * @returns undefined for a path that stands for no place: it climbs ("/../"), hides a slash, or cannot be decoded
 */
export function targetOf(request: Pick<Request, 'originalUrl'>): Target | undefined {
  let found = KNOWN.get(request);
  if (found === undefined) {
    found = targetIn(request.originalUrl) ?? null;
    KNOWN.set(request, found);
  }
  return found ?? undefined;
}

/** Scheme and host of a target in absolute form, as a proxy is asked: "http://kitchen.test/api". */
const ABSOLUTE = /^[a-z][a-z\d+.-]*:\/\/[^/?#]*/iu;
/** A path is decoded this many times: what is still encoded then was encoded on purpose. */
const MOST_LAYERS = 3;

/** @example targetIn('/API//cooks/?limit=1') // { path: '/api/cooks', isData: true } */
export function targetIn(url: string): Target | undefined {
  const [raw = ''] = url.replace(ABSOLUTE, '').split(/[?#]/u, 1);
  const text = decoded(raw);
  // A slash that was encoded, a back slash and a control character are no part of any name here.
  if (text === undefined || /%2f|%5c/iu.test(raw) || hasControl(text) || text.includes('\\'))
    return undefined;
  const segments = text
    .toLowerCase()
    .split('/')
    .map((segment) => segment.split(';', 1)[0] ?? '')
    .filter((segment) => segment !== '');
  if (segments.some((segment) => segment === '.' || segment === '..')) return undefined;
  return { path: `/${segments.join('/')}`, isData: segments[0] === 'api' };
}

const hasControl = (text: string): boolean =>
  [...text].some((sign) => sign.charCodeAt(0) < 0x20 || sign.charCodeAt(0) === 0x7f);

function decoded(raw: string): string | undefined {
  let text = raw;
  try {
    for (let layer = 0; layer < MOST_LAYERS; layer += 1) {
      const next = decodeURIComponent(text);
      if (next === text) return text;
      text = next;
    }
  } catch {
    // "%E0%A4%A" or a lone "%".
  }
  return undefined;
}
