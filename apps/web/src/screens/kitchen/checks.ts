import { RANGES, type Range } from '@hammock/core';

/** Ranges of the fields of kept things, by path. */
const FIELD_RANGES: Readonly<Record<string, Range>> = {
  diameterCm: RANGES.diameterCm,
  volumeMl: RANGES.volumeMl,
  ml: { least: 0.5, most: 5000, unit: 'ml' },
  stepMl: { least: 1, most: 1000, unit: 'ml' },
  altitudeM: RANGES.altitudeM,
  fingerMm: RANGES.fingerMm,
  roomC: RANGES.roomC,
};

/** What is wrong with a kept thing, by field; empty when it can be stored. */
export function problemsOf(fields: object): Readonly<Record<string, string>> {
  const found: Record<string, string> = {};
  const read = (path: string, value: unknown): void => {
    if (path === 'label' && typeof value === 'string' && value.trim() === '') found[path] = 'Give it a name.';
    if (path === 'parts' && Array.isArray(value) && value.length === 0) found[path] = 'At least one.';
    if (typeof value === 'number') {
      const range = path.startsWith('powerW.') ? RANGES.powerW : FIELD_RANGES[path];
      if (Number.isNaN(value)) found[path] = 'A number is needed.';
      else if (range && (value < range.least || value > range.most)) {
        found[path] = `From ${range.least.toString()} to ${range.most.toString()} ${range.unit}.`;
      }
    } else if (typeof value === 'object' && value !== null && !Array.isArray(value)) {
      for (const [key, inner] of Object.entries(value)) read(path === '' ? key : `${path}.${key}`, inner);
    }
  };
  read('', fields);
  return found;
}
