import { createParser } from 'eventsource-parser';
import { Observable, share, throttleTime } from 'rxjs';

/** What an instrument says it is. */
export interface Instrument {
  readonly kind: 'scale' | 'thermometer' | 'hob';
  readonly name: string;
  readonly unit: string;
}
/** One reading of an instrument. */
export interface Reading {
  readonly value: number;
  /** False while it still moves. */
  readonly steady: boolean;
}

const KINDS: ReadonlySet<unknown> = new Set(['scale', 'thermometer', 'hob']);
/** An instrument that does not answer in this time is off, ms; one that stops is asked again after the same time. */
const PATIENCE_MS = 1500;
const AGAIN_MS = 1000;
/** One that says nothing for this time has fallen asleep with its connection open, ms. */
const SILENT_MS = 10_000;
/** What it says of itself, and a line of what it reads, bytes: no more is meant, whatever it is. */
const MOST_DESCRIPTION = 4096;
const MOST_LINE = 1024;
/** What is read of one in a second, bytes, and passed on of it, ms between readings: five a second are more than anybody sees. */
const MOST_IN_SECOND = 16 * 1024;
const SECOND_MS = 1000;
const BETWEEN_MS = 200;
/** No kitchen weighs more, or is hotter, than this. */
const MOST = 100_000;
const LONGEST_NAME = 40;

/** Asks an instrument what it is; undefined for one that is off, or says something else than the protocol has. */
export async function instrumentAt(address: string): Promise<Instrument | undefined> {
  try {
    const reply = await fetch(address, { signal: AbortSignal.timeout(PATIENCE_MS), redirect: 'error' });
    const said = JSON.parse(await shortText(reply)) as Partial<
      Record<'protocol' | keyof Instrument, unknown>
    >;
    if (said.protocol !== 'hammock.instrument' || !KINDS.has(said.kind)) return undefined;
    const text = (value: unknown): string => (typeof value === 'string' ? value.slice(0, LONGEST_NAME) : '');
    return { kind: said.kind as Instrument['kind'], name: text(said.name), unit: text(said.unit) };
  } catch {
    return undefined;
  }
}

/** @throws Error for one that says more of itself than there is to say */
async function shortText(reply: Response): Promise<string> {
  const words = new TextDecoder();
  let text = '';
  for await (const piece of reply.body ?? []) {
    text += words.decode(piece as Uint8Array, { stream: true });
    if (text.length > MOST_DESCRIPTION) throw new Error('it says too much');
  }
  return text;
}

/** A reading in what an instrument said; undefined for anything else. */
export function readingIn(text: string): Reading | undefined {
  try {
    const { value, steady } = JSON.parse(text) as Partial<Record<keyof Reading, unknown>>;
    if (typeof value !== 'number' || !Number.isFinite(value) || Math.abs(value) > MOST) return undefined;
    return { value, steady: steady === true };
  } catch {
    return undefined;
  }
}

/**
 * The readings of an instrument as they come, five a second at the most; where it falls silent, floods or goes it is asked again, until
 * nobody listens. All who listen share one line.
 */
export function readingsOf(address: string): Observable<Reading> {
  return new Observable<Reading>((hears) => {
    const ended = new AbortController();
    const listen = async (): Promise<void> => {
      while (!ended.signal.aborted) {
        try {
          await heard(address, ended.signal, (reading) => hears.next(reading));
        } catch {
          // It was switched off, is out of reach, or says what is no reading: it may come back.
        }
        await later(AGAIN_MS);
      }
    };
    void listen();
    return () => ended.abort();
  }).pipe(throttleTime(BETWEEN_MS, undefined, { leading: true, trailing: true }), share());
}

const later = (ms: number): Promise<void> => new Promise((done) => setTimeout(done, ms));

/** Hears one line until it breaks. */
async function heard(address: string, ended: AbortSignal, hears: (reading: Reading) => void): Promise<void> {
  const line = new AbortController();
  const signal = AbortSignal.any([ended, line.signal]);
  let silent = setTimeout(() => line.abort(), SILENT_MS);
  try {
    const reply = await fetch(`${address}/readings`, { signal, redirect: 'error' });
    const parser = createParser({
      onEvent: ({ data }) => {
        const reading = readingIn(data);
        if (reading) hears(reading);
      },
    });
    const words = new TextDecoder();
    let unended = 0;
    let [sinceMs, bytes] = [performance.now(), 0];
    for await (const piece of reply.body ?? []) {
      clearTimeout(silent);
      silent = setTimeout(() => line.abort(), SILENT_MS);
      const text = words.decode(piece as Uint8Array, { stream: true });
      for (const part of text.split(/(?<=\n)/u)) {
        unended += part.length;
        if (unended > MOST_LINE) throw new Error('a line without end');
        if (part.endsWith('\n')) unended = 0;
      }
      parser.feed(text);
      // What comes faster than anybody reads is left on the line: it is read no faster than this.
      bytes += (piece as Uint8Array).length;
      const leftMs = SECOND_MS - (performance.now() - sinceMs);
      if (bytes > MOST_IN_SECOND && leftMs > 0) await later(leftMs);
      if (bytes > MOST_IN_SECOND || leftMs <= 0) [sinceMs, bytes] = [performance.now(), 0];
    }
  } finally {
    clearTimeout(silent);
    line.abort();
  }
}
