import { parseAmount } from '@hammock/core';

/** Reads an amount for a field that only needs a volume or mass of its own, such as what was poured. */
export function readMl(text: string, cupMl: number, densityGPerMl: number): number | undefined {
  const parsed = parseAmount(text, { cupMl, bareUnit: 'ml' });
  if (!parsed.ok) return undefined;
  return parsed.value.kind === 'volume' ? parsed.value.size : parsed.value.size / densityGPerMl;
}
