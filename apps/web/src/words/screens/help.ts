// What a cook reads in screens/help.

export const wordsAndKeys = 'Words and keys';
export const whatWordsMeanHere = 'What words mean here';
export const keys = 'Keys';
