import type { Answer } from '@hammock/core';
import { useEffect, useState } from 'react';
import { useMeasures, useUnit } from '../../../stores/kitchen/units.js';
import { showPour } from '../../../words/measures/amounts.js';
import * as w from '../../../words/screens/pourNumber.js';

/** The number while it is out of sight: a slim line at the top, on a phone and wherever a page is edited. */
export function SlimLine({
  answer,
  cupId,
}: {
  readonly answer: Answer;
  readonly cupId: string | null | undefined;
}) {
  const [away, setAway] = useState(false);
  const unit = useUnit();
  const measures = useMeasures(cupId);
  useEffect(() => {
    const number = document.querySelector('[data-testid=pour-main]');
    if (!number || typeof IntersectionObserver === 'undefined') return undefined;
    const watch = new IntersectionObserver(([found]) => {
      setAway(found !== undefined && !found.isIntersecting && found.boundingClientRect.top < 0);
    });
    watch.observe(number);
    return () => watch.disconnect();
  }, []);
  if (!away) return null;
  const { main, other } = showPour(answer.pour.ml, measures, unit);
  return (
    // The number itself is read where it stands; this is for eyes.
    <p
      aria-hidden
      data-testid="slim"
      className="fixed inset-x-0 top-0 z-30 m-0 flex items-baseline justify-center gap-3 border-b-2 border-ink bg-ground px-4 py-1"
    >
      <span className="figures text-[1.9rem]">{answer.verdict === 'pour' ? main : w.nothing}</span>
      <span>{answer.verdict === 'pour' ? other : w.toPour}</span>
    </p>
  );
}
