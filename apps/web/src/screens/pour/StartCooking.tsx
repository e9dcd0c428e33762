import { useNavigate } from 'react-router';
import { useCooks } from '../../stores/cooks/cooks.js';
import { Button } from '../../ui/controls/Button.js';
import { useInstruments } from '../../instruments/instruments.js';
import type { PlanView } from '../../stores/plan/usePlan.js';
import * as w from '../../words/screens/pour.js';

/** From the number to the stove. A pot already on is not thrown away. */
export function StartCooking({ plan }: { readonly plan: PlanView }) {
  const { primeAlarm } = useInstruments();
  const navigate = useNavigate();
  const begin = useCooks((s) => s.begin);
  const active = useCooks((s) => s.active);
  const on = active !== null && active.outcome === null;
  const cannot = plan.stale || plan.answer === undefined || plan.answer.verdict === 'tooMuch';
  const start = (): void => {
    // Sound is only allowed after a tap, so the alarm is woken by this one.
    primeAlarm();
    if (begin(plan.draft, plan.input)) void navigate('/stove');
  };
  if (!on)
    return (
      <Button
        weight="act"
        data-key="cook"
        className="min-h-14 self-start px-8 text-[1.2rem] short:order-1"
        disabled={cannot}
        onClick={start}
      >
        {w.cookThis}
      </Button>
    );
  return (
    <div className="flex flex-wrap items-center gap-4 short:order-1">
      <Button
        weight="act"
        data-key="cook"
        className="min-h-14 px-8 text-[1.2rem]"
        onClick={() => {
          primeAlarm();
          void navigate('/stove');
        }}
      >
        {w.backToThePotOn}
      </Button>
      <Button className="min-h-14" disabled={cannot} onClick={start}>
        {w.cookThisAsWell}
      </Button>
      <span className="text-faint">{w.isStillOn(active.label)}</span>
    </div>
  );
}
