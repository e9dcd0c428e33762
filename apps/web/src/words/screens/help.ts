/** What a cook reads in screens/help. */
export const helpWords = {
  wordsAndKeys: 'Words and keys',
  whatWordsMeanHere: 'What words mean here',
  keys: 'Keys',
} as const;
