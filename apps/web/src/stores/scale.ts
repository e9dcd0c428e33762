import { create } from 'zustand';
import { ask } from '../api/http.js';

interface Listed {
  readonly n: number;
  readonly kind: string;
  readonly name: string;
}

interface ScaleStore {
  /** The scale of the kitchen that answers; null while none is known of. */
  readonly scale: Listed | null;
}

/** The scale that weights can be taken from. */
export const useScale = create<ScaleStore>(() => ({ scale: null }));

let asked = false;

/** Asks once in a visit whether the kitchen has a scale: nobody waits for it. */
export async function lookForScale(): Promise<void> {
  if (asked) return;
  asked = true;
  const reply = await ask('GET', '/api/instruments');
  if (reply.kind !== 'stored' || !Array.isArray(reply.body)) return;
  const scale = (reply.body as Listed[]).find((i) => i.kind === 'scale');
  useScale.setState({ scale: scale ?? null });
}

/** What a scale reads. */
export interface ScaleReading {
  readonly value: number;
  readonly steady: boolean;
}

/** Hears what a scale reads until it is told to stop. */
export function hearScale(n: number, heard: (reading: ScaleReading) => void): () => void {
  const source = new EventSource(`/api/instruments/${n.toString()}/readings`);
  source.onmessage = ({ data }: MessageEvent<string>) => {
    try {
      heard(JSON.parse(data) as ScaleReading);
    } catch {
      // The next one comes in a moment.
    }
  };
  return () => source.close();
}

/** What stands on the scale now is nothing. */
export const zeroScale = (n: number): void => {
  void ask('POST', `/api/instruments/${n.toString()}/zero`);
};
