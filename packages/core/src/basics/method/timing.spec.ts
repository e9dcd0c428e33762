import { describe, expect, it } from '@jest/globals';
import { grainById } from '../larder/grainById.js';
import { METHODS } from './methods.js';
import { plannedMin } from './stage.js';
import { stagesFor } from './templates.js';
import { minutesOf } from './timing.js';

describe('the minutes of every method', () => {
  const pot = { grain: grainById('longGrainWhite')!, soakMin: 0, crust: false, timing: {} };

  it('are those its stages have, whichever the cook has changed', () => {
    const own = { openBoilMin: 3, coveredMin: 17, restMin: 6, pressureMin: 4, keptOnMin: 5 };
    for (const method of METHODS)
      for (const timing of [{}, own]) {
        const minutes = minutesOf(method, { ...pot, timing });
        const input = {
          ...pot,
          timing,
          wash: 'unwashed',
          drain: 'shaken',
          sieveMin: 20,
          toast: 'none',
          hasFat: false,
          baseMin: 0,
        } as const;
        const stages = stagesFor(method, input);
        const rest = stages.find((s) => s.act === 'rest');
        expect([method, rest ? plannedMin(rest) : 0]).toEqual([method, rest ? minutes.restMin : 0]);
        const open = stages.find((s) => s.act === 'openBoil');
        if (open) expect(plannedMin(open)).toBe(minutes.openBoilMin);
        const pressed = stages.find((s) => s.act === 'pressure');
        if (pressed) expect(plannedMin(pressed)).toBe(minutes.pressureMin);
      }
    expect(minutesOf('riceCooker', { ...pot, crust: true }).keptOnMin).toBeGreaterThan(0);
    expect(minutesOf('pressureCooker', { ...pot, timing: { whistles: 3 } }).pressureMin).toBe(0);
  });

  it('rest five to ten under the lid, longest where the stew was fried in (common practice)', () => {
    for (const method of METHODS.filter((m) => m !== 'pressureCooker')) {
      const { restMin } = minutesOf(method, pot);
      expect(restMin).toBeGreaterThanOrEqual(5);
      expect(restMin).toBeLessThanOrEqual(10);
    }
    expect(minutesOf('fryDry', pot).restMin).toBe(10);
  });
});
