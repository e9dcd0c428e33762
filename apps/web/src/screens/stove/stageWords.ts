import type { Stage } from '@hammock/core';
import { SIGN } from '../../words/words.js';
import { whole } from '../../words/measures/numbers.js';

/** What ends a stage, under its clock. */
export function clockWords(stage: Stage, waiting: boolean, left: number): string {
  if (stage.end.kind === 'sign')
    return `Done ${SIGN[stage.end.sign]}, after about ${whole(stage.end.expectMin)} min. ${ring(waiting, left)}`;
  if (stage.end.kind === 'count')
    return `Done after ${stage.end.count.toString()} more ${stage.end.count === 1 ? 'whistle' : 'whistles'}, about ${whole(stage.end.expectMin)} min. ${ring(waiting, left)}`;
  if (stage.end.kind === 'flip')
    return `Done when it flips to warm, after about ${whole(stage.end.expectMin)} min. ${ring(waiting, left)}`;
  if (waiting) return 'Not started.';
  return left < 0 ? 'Time is up.' : 'The bell rings when the time is up.';
}

/** A clock cannot see a sign: it calls the cook to look for it. */
const ring = (waiting: boolean, left: number): string =>
  waiting ? '' : left < 0 ? 'Look now: it may be there.' : 'The bell calls you to look.';
