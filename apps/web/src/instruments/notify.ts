const can = (): boolean => typeof Notification !== 'undefined';

/** Asks to be let remind (Instruments.askToNotify). */
export async function askToNotify(): Promise<boolean> {
  if (!can()) return false;
  try {
    return (await Notification.requestPermission()) === 'granted';
  } catch {
    return false;
  }
}

/** Reminds (Instruments.notify). Some phones have notifications and no way to make one from a page. */
export function notify(title: string, body: string): void {
  if (!can() || Notification.permission !== 'granted') return;
  try {
    new Notification(title, { body, tag: body });
  } catch {
    // There is nothing to remind with: the sheet still says when.
  }
}
