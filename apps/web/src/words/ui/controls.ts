// What a cook reads in ui/controls.

export const choose = 'choose';
export const typeToFind = 'type to find';
export const nothingGoesByThatName = 'Nothing goes by that name.';
export const keysForTheAmount = 'Keys for the amount';
export const useTheScale = 'Use the scale';
export const theScale = 'the scale …';
export const useTheProbe = 'Use the probe';
export const theProbe = 'the probe …';
export const takeIt = 'Take it';
export const zero = 'Zero';
export const hasMbNoRecipePlan = (fileName: string, size: string): string =>
  `${fileName} has ${size} MB: no recipe, plan or table is so large. A whole household comes in on Keeping.`;
export const isNoTextAPicture = (fileName: string): string =>
  `${fileName} is no text: a picture or a program cannot be read.`;
export const aFile = 'A file';
export const openAFile = 'Open a file';
export const anotherName = (label: string): string => `${label}: another name`;
export const anotherName2 = 'another name';
export const add = 'Add';
