import type { Telling } from './readTelling.js';

/** A vessel that is no plain pot. */
export type Cooker = 'pressureCooker' | 'multiCooker' | 'riceCooker';

const COOKERS: readonly (readonly [RegExp, Cooker])[] = [
  [
    /\b(?:multi-?\s?cooker|electric (?:pressure cooker|pot)|pressure multi)\b|\bslow-(?:high|low)\b/iu,
    'multiCooker',
  ],
  [
    /\brice[\s-]cooker\b(?!\s+cups?)|\bpress (?:cook|start)\b|\b(?:it|switch|cooker) (?:flips|clicks off)\b/iu,
    'riceCooker',
  ],
  [/\bwhistles?\b|\bpressure[\s-]cook/iu, 'pressureCooker'],
];
/** The vessel the telling is told for, where it is no plain pot; "or 5 minutes under pressure" is another way. */
export function vesselOf({ title = '', acts }: Telling): Cooker | undefined {
  const told = [
    title,
    ...acts.filter((a) => !a.negated && !/^\s*or\b/iu.test(a.text)).map((a) => a.text),
  ].join('\n');
  const found = COOKERS.find(([w]) => w.test(told))?.[1];
  if (found === undefined && /\b(?:the|my|a|our) cooker\b|\bin cooker\b/iu.test(told)) return 'riceCooker';
  return found;
}
