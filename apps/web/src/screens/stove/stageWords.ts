import type { Stage } from '@hammock/core';
import { HEAT, LID, SIGN } from '../../words/words.js';
import { whole } from '../../words/numbers.js';

/** Ring and lid of a stage. */
export const settingOf = (stage: Stage): string => `${capital(HEAT[stage.heat])}, ${LID[stage.lid]}`;
const capital = (s: string): string => s.charAt(0).toUpperCase() + s.slice(1);

/** What ends a stage, under its clock. */
export function clockWords(stage: Stage, waiting: boolean, left: number): string {
  if (stage.end.kind === 'sign')
    return `Over ${SIGN[stage.end.sign]}, about ${whole(stage.end.expectMin)} min. It rings then.`;
  if (stage.end.kind === 'count')
    return `Over after ${stage.end.count.toString()} more ${stage.end.count === 1 ? 'whistle' : 'whistles'}, about ${whole(stage.end.expectMin)} min.`;
  if (stage.end.kind === 'flip')
    return `Over when it flips to warm, about ${whole(stage.end.expectMin)} min. It rings then.`;
  if (waiting) return 'Not started.';
  return left < 0 ? 'Time is up.' : 'min left. It rings.';
}
