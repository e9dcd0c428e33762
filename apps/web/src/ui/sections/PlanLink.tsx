import { planToLink, type SharedPlan } from '@hammock/core/exchange';
import { create } from 'qrcode';
import { useId, useMemo } from 'react';
import * as w from '../../words/ui/sections.js';

/** White around the code, in its dots: what readers need (ISO/IEC 18004). */
const QUIET = 4;
/** From so many dots a side on they have to be larger for a camera at arm’s length. */
const LARGE = 60;

/** A plan as a link that opens anywhere, with no server that would have to know it; and the same for a camera. */
export function PlanLink({ plan }: { readonly plan: SharedPlan }) {
  const id = useId();
  const address = useMemo(() => `${location.origin}/in#plan=${planToLink(plan)}`, [plan]);
  return (
    <div className="mt-2 flex flex-wrap items-start gap-6">
      <QrCode text={address} what={w.theLinkToForACamera(plan.label)} />
      <label htmlFor={id} className="min-w-0 flex-1 basis-72">
        {w.theWholePlanIsIn}
        <input
          id={id}
          readOnly
          className="changeable mt-1 block w-full"
          value={address}
          onFocus={(e) => e.currentTarget.select()}
        />
      </label>
    </div>
  );
}

/** A text as dots for a camera, drawn here (ISO/IEC 18004); in words where it is too long for that. */
export function QrCode({ text, what }: { readonly text: string; readonly what: string }) {
  const drawn = useMemo(() => {
    try {
      const { modules } = create(text, { errorCorrectionLevel: 'L' });
      const dots = Array.from({ length: modules.size }, (_, y) =>
        Array.from({ length: modules.size }, (_, x) =>
          modules.get(y, x) ? `M${x.toString()} ${y.toString()}h1v1h-1z` : '',
        ).join(''),
      ).join('');
      return { dots, size: modules.size };
    } catch {
      return undefined;
    }
  }, [text]);
  if (!drawn) return <p className="m-0">{w.itIsTooLongFor}</p>;
  const side = (drawn.size + 2 * QUIET).toString();
  return (
    <svg
      role="img"
      aria-label={what}
      viewBox={`-${QUIET.toString()} -${QUIET.toString()} ${side} ${side}`}
      className={`${drawn.size > LARGE ? 'size-80' : 'size-56'} max-w-full shrink-0`}
      shapeRendering="crispEdges"
    >
      {/* Dark on light whatever the light in the kitchen: cameras want it so. */}
      <rect x={-QUIET} y={-QUIET} width={side} height={side} fill="#fff" />
      <path d={drawn.dots} fill="#000" />
    </svg>
  );
}
