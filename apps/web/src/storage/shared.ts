/** A file or a text that another program shared with this one: taken from where the service worker laid it aside (public/share.js). */
export async function takeShared(): Promise<File | undefined> {
  try {
    const aside = await caches.open('hammock.shared');
    const found = await aside.match('/in/shared');
    if (!found) return undefined;
    await aside.delete('/in/shared');
    return new File([await found.blob()], decodeURIComponent(found.headers.get('x-name') ?? 'a file'));
  } catch {
    // No caches here: then nothing was laid aside.
    return undefined;
  }
}
