/** What a cook reads in ui/drawings. */
export const drawingsWords = {
  what: 'what',
  theSame: 'the same',
} as const;
