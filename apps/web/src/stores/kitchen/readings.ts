import { HEATS, type HeatSetting } from '@hammock/core';
import { useEffect, useState } from 'react';
import { create } from 'zustand';
import { ask } from '../../api/http.js';

export type ReaderKind = 'scale' | 'thermometer' | 'hob';

interface Listed {
  readonly n: number;
  readonly kind: ReaderKind;
  readonly name: string;
}

/** The first instrument of each kind that answers in this kitchen. */
export const useReaders = create<Readonly<Partial<Record<ReaderKind, Listed>>>>(() => ({}));

let asked = false;

/** Asks once in a visit what instruments the kitchen has: nobody waits for it. */
async function lookForReaders(): Promise<void> {
  if (asked) return;
  asked = true;
  const reply = await ask('GET', '/api/instruments');
  if (reply.kind !== 'stored' || !Array.isArray(reply.body)) return;
  const list = reply.body as Listed[];
  // The first of a kind is written last.
  useReaders.setState(Object.fromEntries([...list].reverse().map((i) => [i.kind, i])));
}

/** The kitchen's instrument of a kind; undefined without one. */
export function useReader(kind: ReaderKind): Listed | undefined {
  useEffect(() => void lookForReaders(), []);
  return useReaders((s) => s[kind]);
}

/** What an instrument reads: g, °C, or the number of a hob's setting. */
export interface Reading {
  readonly value: number;
  readonly steady: boolean;
}

/** Hears what an instrument reads until it is told to stop. */
function hearReadings(n: number, heard: (reading: Reading) => void): () => void {
  const source = new EventSource(`/api/instruments/${n.toString()}/readings`);
  source.onmessage = ({ data }: MessageEvent<string>) => {
    try {
      heard(JSON.parse(data) as Reading);
    } catch {
      // The next one comes in a moment.
    }
  };
  return () => source.close();
}

/** Steady readings that agree, in a row, before one is taken for a weight: a door that slams is none. */
const STEADY = 2;
/** How far readings that agree may lie apart: g, °C, settings. */
const AGREE: Readonly<Record<ReaderKind, number>> = { scale: 2, thermometer: 0.8, hob: 0 };

/** A reading that is older is none: the scale was switched off, or what was on it was taken away since, ms. */
const READING_MS = 3000;

/** What an instrument reads now, and whether it stands; undefined until it was heard, and once it falls silent. */
export function useReading(reader: Listed | undefined): Reading | undefined {
  const [now, setNow] = useState<Reading & { readonly row: number }>();
  const { n, kind } = reader ?? {};
  useEffect(() => {
    if (n === undefined || kind === undefined) return undefined;
    let silent: ReturnType<typeof setTimeout> | undefined;
    const stop = hearReadings(n, ({ value, steady }) => {
      clearTimeout(silent);
      silent = setTimeout(() => setNow(undefined), READING_MS);
      setNow((before) => {
        const agrees = steady && before !== undefined && Math.abs(value - before.value) <= AGREE[kind];
        return { value, steady, row: agrees ? before.row + 1 : 0 };
      });
    });
    return () => {
      clearTimeout(silent);
      stop();
    };
  }, [n, kind]);
  return now && { value: now.value, steady: now.row >= STEADY };
}

/** What stands on the scale now is nothing. */
export const zeroScale = (n: number): void => {
  void ask('POST', `/api/instruments/${n.toString()}/zero`);
};

/** Sets a ring; false where it did not hear. */
export const setRing = async (n: number, heat: HeatSetting): Promise<boolean> =>
  (await ask('POST', `/api/instruments/${n.toString()}/set/${heat}`)).kind === 'stored';

/** The setting a hob reads: off is 0, high is 5. */
export const heatOf = (value: number): HeatSetting | undefined => HEATS[HEATS.length - 1 - Math.round(value)];
