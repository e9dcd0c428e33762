import { useEffect } from 'react';
import { useInstruments } from '../../instruments/instruments.js';
import { useReminders } from '../../stores/meal/reminders.js';
import { useNowMs } from '../../stores/cooks/run.js';
import * as w from '../../words/ui/shell.js';

/** A reminder that was missed by more than this is not given any more, ms. */
const MISSED_MS = 10 * 60_000;

/** Gives each reminder at its time, whatever screen is being read. */
export function ReminderWatch() {
  const now = useNowMs();
  const { list, set } = useReminders();
  const { notify } = useInstruments();
  const due = list.filter((r) => r.atMs <= now);
  useEffect(() => {
    if (due.length === 0) return;
    for (const { what, atMs } of due) if (now - atMs < MISSED_MS) notify(w.beginNow, what);
    set(list.filter((r) => !due.includes(r)));
  });
  return null;
}
