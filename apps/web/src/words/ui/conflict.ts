// What a cook reads in ConflictPanel.tsx.

export const changedInTwoPlaces = (writeLabel: string): string => `${writeLabel}: changed in two places`;
export const wasChangedInTwoPlaces = (writeLabel: string): string =>
  `${writeLabel} was changed in two places.`;
export const itWasRemovedHereAnd = 'It was removed here and changed on another device.';
export const itWasChangedHereAnd = 'It was changed here and removed on another device.';
export const what = 'what';
export const here = 'here';
export const elsewhere = 'elsewhere';
export const removeIt = 'Remove it';
export const keepWhatIsHere = 'Keep what is here';
export const letItBeRemoved = 'Let it be removed';
export const takeWhatIsElsewhere = 'Take what is elsewhere';
export const writtenBefore = (writeLabel: string): string => `${writeLabel}: written before`;
export const itWasRemovedHere = 'It was removed here.';
export const itWasChangedHere = 'It was changed here.';
export const removeItAllTheSame = 'Remove it all the same';
export const storeItAllTheSame = 'Store it all the same';
export const letItGo = 'Let it go';
export const notStored = (writeLabel: string, reasonText: string): string =>
  `Not stored: ${writeLabel}. ${reasonText}`;
export const tryAgain = 'Try again';
export const read = 'Read';
