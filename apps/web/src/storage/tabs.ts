/** Runs work while no other tab of this browser runs any under this name; at once where there are no locks. */
export async function aloneInBrowser(name: string, work: () => Promise<void>): Promise<void> {
  if (typeof navigator === 'undefined' || !('locks' in navigator)) return work();
  await navigator.locks.request(name, work);
}

/** Tells the other tabs of this browser that something changed, and hears it from them. */
export function otherTabs(name: string, heard: () => void): { readonly tell: () => void } {
  if (typeof BroadcastChannel === 'undefined') return { tell: () => undefined };
  const channel = new BroadcastChannel(name);
  channel.onmessage = heard;
  return {
    tell: () => {
      channel.postMessage('changed');
    },
  };
}
