import type { Meal } from '@hammock/core/schedule';
import { useState } from 'react';
import { useInstruments } from '../../instruments/instruments.js';
import { saveFile } from '../../storage/saveFile.js';
import { fetched } from '../../storage/fetched.js';
import { useReminders } from '../../stores/meal/reminders.js';
import { Button } from '../../ui/controls/Button.js';
import type { MealTracks } from './meal.js';
import { begins, whatText } from './mealWords.js';
import * as w from '../../words/screens/table.js';

interface RemindProps {
  readonly meal: Meal;
  readonly tracks: MealTracks;
  readonly nowMs: number;
}

/** The calendar file, and this device's own reminders. */
export function Remind({ meal, tracks, nowMs }: RemindProps) {
  const [said, say] = useState('');
  const { askToNotify } = useInstruments();
  const { list, set } = useReminders();
  const toCome = begins(meal)
    .filter((p) => p.fromMs >= nowMs)
    .map((p) => ({
      id: `${p.trackId}-${p.actId}`.replaceAll(' ', '-'),
      what: whatText(p, tracks),
      fromMs: p.fromMs,
      toMs: p.toMs,
    }));
  const save = async (): Promise<void> => {
    const { calendarText } = await fetched(() => import('./calendarFile.js'));
    saveFile('meal.ics', 'text/calendar', calendarText('Hammock', toCome, nowMs));
    say(w.beginningsAreInMealIcs(toCome.length));
  };
  const remind = async (): Promise<void> => {
    if (!(await askToNotify())) {
      say(w.thisBrowserDoesNotLet);
      return;
    }
    set(toCome.map(({ what, fromMs }) => ({ what, atMs: fromMs })));
    say(w.youAreRemindedAtEach);
  };
  if (toCome.length === 0) return null;
  return (
    <>
      <p className="m-0 mt-2 flex flex-wrap gap-x-6">
        <Button weight="plain" onClick={() => void save()}>
          {w.saveAsACalendarFile}
        </Button>
        <Button weight="plain" onClick={() => void remind()}>
          {w.remindMeOnThisDevice}
        </Button>
        {list.length > 0 && (
          <Button weight="plain" onClick={() => set([])}>
            {w.remindMeNoMore}
          </Button>
        )}
      </p>
      <p className="m-0" role="status">
        {said}
      </p>
    </>
  );
}
