import { create } from 'zustand';
import { fetched } from '../../storage/fetched.js';
import type * as engineParts from './coreParts.js';

export type CoreParts = typeof engineParts;

const useLoaded = create<{ readonly engine: CoreParts | undefined }>()(() => ({ engine: undefined }));

/** Puts the piece in its place. */
export const setCore = (engine: CoreParts): void => useLoaded.setState({ engine });

/** Asks for the piece; it comes a moment after the first words. */
export async function loadCore(): Promise<void> {
  setCore(await fetched(() => import('./coreParts.js')));
}

/** What works answers out; undefined until it has come. */
export const coreNow = (): CoreParts | undefined => useLoaded.getState().engine;
/** Does something with it: at once where it is there, else as soon as it has come. */
export function withCore(act: (engine: CoreParts) => void): void {
  const engine = coreNow();
  if (engine) act(engine);
  else void loadCore().then(() => withCore(act));
}

export const useCore = (): CoreParts | undefined => useLoaded((s) => s.engine);
