/* global self, caches, Response, URL */
/*
 * Part of the service worker: a file that another program shares with the installed Hammock is posted to /in. It is laid aside for the
 * page, which looks it over; it never leaves this device.
 */
const LARGEST_BYTES = 5 * 1024 * 1024;

self.addEventListener('fetch', (event) => {
  const { request } = event;
  if (request.method !== 'POST' || new URL(request.url).pathname !== '/in') return;
  event.respondWith(
    (async () => {
      const form = await request.formData();
      const file = form.get('file');
      const isFile = typeof file === 'object' && file !== null && file.size > 0;
      const words = ['title', 'text', 'url'].map((field) => form.get(field)).filter((said) => said);
      const name = isFile ? file.name : 'what was shared';
      const body = isFile ? file.slice(0, LARGEST_BYTES + 1) : words.join('\n');
      const aside = await caches.open('hammock.shared');
      await aside.put('/in/shared', new Response(body, { headers: { 'x-name': encodeURIComponent(name) } }));
      return Response.redirect('/in?shared=1', 303);
    })(),
  );
});
