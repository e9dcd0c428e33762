/** What a cook reads in ui/controls. */
export const controlsWords = {
  choose: 'choose',
  typeToFind: 'type to find',
  nothingGoesByThatName: 'Nothing goes by that name.',
  keysForTheAmount: 'Keys for the amount',
  useTheScale: 'Use the scale',
  theScale: 'the scale …',
  useTheProbe: 'Use the probe',
  theProbe: 'the probe …',
  takeIt: 'Take it',
  zero: 'Zero',
  hasMbNoRecipePlan: (fileName: string, size: string): string =>
    `${fileName} has ${size} MB: no recipe, plan or table is so large. A whole household comes in on Keeping.`,
  isNoTextAPicture: (fileName: string): string =>
    `${fileName} is no text: a picture or a program cannot be read.`,
  aFile: 'A file',
  openAFile: 'Open a file',
  anotherName: (label: string): string => `${label}: another name`,
  anotherName2: 'another name',
  add: 'Add',
} as const;
