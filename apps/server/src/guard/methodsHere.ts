import type { Request } from 'express';

/** What express keeps of a route: it is not in its types. */
interface Layer {
  readonly route?: { readonly methods: Readonly<Record<string, boolean>> };
  readonly match: (path: string) => boolean;
}
interface Routed {
  readonly router?: { readonly stack: readonly Layer[] };
}

/**
 * The methods that this path answers to, for a request that none of them was for; empty where nothing is.
 * @example methodsHere(request) // ['GET', 'PUT'] for DELETE /api/household
 */
export function methodsHere(request: Request): string[] {
  const { router } = request.app as unknown as Routed;
  const found = new Set<string>();
  for (const layer of router?.stack ?? []) {
    if (!layer.route || !layer.match(request.path)) continue;
    for (const [method, answers] of Object.entries(layer.route.methods)) {
      // A route for every method is the one that says that nothing is here.
      if (method === '_all') return [];
      if (answers) found.add(method.toUpperCase());
    }
  }
  return [...found].sort();
}
