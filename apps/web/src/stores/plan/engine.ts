import { create } from 'zustand';
import { fetched } from '../../storage/fetched.js';
import type * as engineParts from './engineParts.js';

export type Engine = typeof engineParts;

const useLoaded = create<{ readonly engine: Engine | undefined }>()(() => ({ engine: undefined }));

/** Puts the piece in its place. */
export const setEngine = (engine: Engine): void => useLoaded.setState({ engine });

/** Asks for the piece; it comes a moment after the first words. */
export async function loadEngine(): Promise<void> {
  setEngine(await fetched(() => import('./engineParts.js')));
}

/** What works answers out; undefined until it has come. */
export const engineNow = (): Engine | undefined => useLoaded.getState().engine;
/** Does something with it: at once where it is there, else as soon as it has come. */
export function withEngine(act: (engine: Engine) => void): void {
  const engine = engineNow();
  if (engine) act(engine);
  else void loadEngine().then(() => withEngine(act));
}

export const useEngine = (): Engine | undefined => useLoaded((s) => s.engine);
