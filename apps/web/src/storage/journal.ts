/**
 * Texts written down at once, for the moment until a slower and larger place has them: a page that is closed in
 * between loses nothing. Where nothing can be kept it keeps nothing and does not say so: the slower place does.
 */
export interface Journal {
  readonly write: (id: string, text: string) => void;
  readonly strike: (id: string) => void;
  /** Whatever was left standing, by id. */
  readonly left: () => readonly (readonly [id: string, text: string])[];
}

/** The journal under this name in the browser's own storage. */
export function journalOf(name: string): Journal {
  const prefix = `${name}/`;
  const quietly = <T>(work: () => T, otherwise: T): T => {
    try {
      return work();
    } catch {
      return otherwise;
    }
  };
  return {
    write: (id, text) => {
      quietly(() => {
        localStorage.setItem(prefix + id, text);
      }, undefined);
    },
    strike: (id) => {
      quietly(() => {
        localStorage.removeItem(prefix + id);
      }, undefined);
    },
    left: () =>
      quietly(
        () =>
          Object.keys(localStorage)
            .filter((key) => key.startsWith(prefix))
            .map((key) => [key.slice(prefix.length), localStorage.getItem(key) ?? ''] as const),
        [],
      ),
  };
}
