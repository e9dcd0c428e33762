// What a cook reads in StartTrouble.tsx.

export const tryAgain = 'Try again';
export const anotherHammockIsUsingThe =
  'another Hammock is using the same data. End that one, then try again';
export const itCannotWriteWhereIts =
  'it cannot write where its data lie. Mend the permissions of that folder or its disk, then try again';
export const theDiskIsFullAnd =
  'the disk is full, and it has to copy the data before it brings them up to date. Make room, then try again';
export const itsDataAreDamaged = 'its data are damaged';
export const itsDataWereMadeBy = 'its data were made by a newer Hammock. Start that one';
export const sqliteIsNotBuiltFor = 'SQLite is not built for this machine: the terminal says what to type';
export const somethingIsWrongThatThe = 'something is wrong that the terminal says more about';
export const hammockCannotStart = 'Hammock cannot start';
export const hammockCannotStart2 = 'Hammock cannot start:';
export const itsNewestWholeCopyIs = (copy: string): string =>
  ` Its newest whole copy is of ${copy}. What is there now is set aside when that is put back.`;
export const thereIsNoWholeCopy = ' There is no whole copy of them: a backup of the machine may have one.';
export const whatYouDoHereMeanwhile =
  'What you do here meanwhile is kept on this device and sent when it has started.';
export const putThatCopyBack = 'Put that copy back';
export const starting = 'Starting …';
export const itStillCannotStart = 'It still cannot start.';
