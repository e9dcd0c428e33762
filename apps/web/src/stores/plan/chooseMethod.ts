import { METHOD_VESSEL, type Method } from '@hammock/core';
import { useDraft } from './draft.js';
import { useKitchen } from '../kitchen/kitchen.js';

/** Another method has other stages, and may want another vessel. */
export function chooseMethod(method: Method): void {
  const { draft, setSpec, choose } = useDraft.getState();
  if (!draft) return;
  setSpec({ method }, ['stages', 'timing']);
  const { vessels } = useKitchen.getState();
  const kind = METHOD_VESSEL[method];
  if (vessels.find((v) => v.id === draft.vesselId)?.kind === kind) return;
  const fitting = vessels.find((v) => v.kind === kind);
  if (fitting) choose({ vesselId: fitting.id });
}
