import { bandOf, type Course, type Odds, type PlanInput } from '@hammock/core';
import { apartWords, inAHundred, nearestTo } from '../../words/stove/potWords.js';
import { textureWords } from '../../words/plan/textureWords.js';
import { tenths, whole } from '../../words/measures/numbers.js';

/** One way of cooking, as it went. */
export interface Way {
  readonly course: Course;
  readonly input: PlanInput;
  readonly pourMl: number;
  readonly odds: Odds | undefined;
}

/** Share as wanted at this pour, from the curve of its odds. */
function wantedAt({ odds, course }: Way): string {
  if (!odds) return '…';
  const share = nearestTo(odds, course.pourWaterG)?.chances.asWanted;
  return share === undefined ? 'almost none' : `${inAHundred(share)} of 100`;
}

/** One way in figures and words, line by line. */
export function linesOf(way: Way): readonly (readonly [string, string])[] {
  const { course } = way;
  const { outcome } = course;
  const off = course.stages.filter((s) => s.act !== 'serve').at(-1)?.toMin ?? 0;
  return [
    ['poured', `${whole(way.pourMl)} ml`],
    ['comes out', textureWords(outcome.texture)],
    ['comes out right', wantedAt(way)],
    ['moisture', `${tenths(outcome.moisture)} %`],
    [
      'upper grain, drier than the rest by',
      `${tenths(Math.max(0, outcome.restedMoisture - (outcome.beds[2]?.moisture ?? 0)))} points`,
    ],
    ['cooked through, at least', `${whole(100 * Math.min(...outcome.beds.map((b) => b.done)))} %`],
    ['grains', apartWords(outcome.apart)],
    ['bottom of the pot', bandOf(outcome.browning)],
    ['gone as steam', `${whole(course.series.steamG.at(-1) ?? 0)} g`],
    ['from the pour to the table', `${whole(off)} min`],
  ];
}

/** Changes of texture smaller than this are not felt, steps. */
const FELT = 0.25;

/** What it comes to, in a sentence or two. */
export function differenceText(one: Way, two: Way, label: string): string {
  const by = two.course.outcome.texture - one.course.outcome.texture;
  const [was, is] = [textureWords(one.course.outcome.texture), textureWords(two.course.outcome.texture)];
  const way = by > 0 ? 'softer' : 'firmer';
  const felt =
    Math.abs(by) < FELT
      ? 'the grain feels the same'
      : was === is
        ? `the grain comes out a little ${way}`
        : `the grain comes out ${way}: ${is} instead of ${was}`;
  const steam = (two.course.series.steamG.at(-1) ?? 0) - (one.course.series.steamG.at(-1) ?? 0);
  const lost =
    Math.abs(steam) < 5
      ? ''
      : ` ${Math.abs(Math.round(steam)).toString()} g ${steam > 0 ? 'more' : 'less'} leaves as steam.`;
  const minutes = Math.round(two.course.minutes - one.course.minutes);
  const time =
    minutes === 0
      ? ''
      : ` It is on the table ${Math.abs(minutes).toString()} min ${minutes > 0 ? 'later' : 'sooner'}.`;
  return `With ${label}, ${felt}.${lost}${time}`;
}
