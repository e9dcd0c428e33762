import { createParser } from 'eventsource-parser';
import { Observable } from 'rxjs';

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
/** An instrument that does not answer in this time is off, ms; one that stops is asked again after so long. */
const PATIENCE_MS = 1500;
const AGAIN_MS = 1000;
/** No kitchen weighs more, or is hotter, than this. */
const MOST = 100_000;
const LONGEST_NAME = 40;

/** Asks an instrument what it is; undefined for one that is off, or says something else than the protocol has. */
export async function instrumentAt(address: string): Promise<Instrument | undefined> {
  try {
    const reply = await fetch(address, { signal: AbortSignal.timeout(PATIENCE_MS), redirect: 'error' });
    const said = (await reply.json()) as Partial<Record<'protocol' | keyof Instrument, unknown>>;
    if (said.protocol !== 'hammock.instrument' || !KINDS.has(said.kind)) return undefined;
    const text = (value: unknown): string => String(value).slice(0, LONGEST_NAME);
    return { kind: said.kind as Instrument['kind'], name: text(said.name), unit: text(said.unit) };
  } catch {
    return undefined;
  }
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

/** The readings of an instrument as they come; where it falls silent or goes it is asked again, until nobody listens. */
export function readingsOf(address: string): Observable<Reading> {
  return new Observable((hears) => {
    const ended = new AbortController();
    const listen = async (): Promise<void> => {
      while (!ended.signal.aborted) {
        try {
          const reply = await fetch(`${address}/readings`, { signal: ended.signal, redirect: 'error' });
          const parser = createParser((event) => {
            const reading = event.type === 'event' ? readingIn(event.data) : undefined;
            if (reading) hears.next(reading);
          });
          const words = new TextDecoder();
          for await (const piece of reply.body ?? [])
            parser.feed(words.decode(piece as Uint8Array, { stream: true }));
        } catch {
          // It was switched off, or is out of reach: it may come back.
        }
        await new Promise((later) => setTimeout(later, AGAIN_MS));
      }
    };
    void listen();
    return () => ended.abort();
  });
}
