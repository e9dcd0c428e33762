import { strong } from '../strong.js';

// What a cook reads in screens/keeping.

export const everythingAsOneFile = 'Everything as one file';
export const householdKitchenDishesAndEvery =
  'Household, kitchen, dishes and every pot with its taps, as JSON that other programs can read. What comes back in is looked over first, and a copy is made before.';
export const saveEverything = 'Save everything';
export const saveTheNotebookAsATable = 'Save the notebook as a table';
export const saveTheLarderAsATable = 'Save the larder as a table';
export const putAHouseholdBack = 'Put a household back';
export const anArchive = 'An archive';
export const lookedOver = 'Looked over';
export const lookingItOver = 'Looking it over …';
export const stop = 'Stop';
export const putIn = 'Put in';
export const puttingItIn = 'Putting it in …';
export const itIsIn = (lists: string): string => `It is in: ${lists}.`;
export const inThisFileIsNothing =
  'In this file is nothing that can be read. In place of what is here it would leave an empty kitchen.';
export const leaveAnEmptyKitchen = 'Leave an empty kitchen';
export const keepWhatIsHere = 'Keep what is here';
export const inThisFileBesideWhat = 'In this file, beside what is here';
export const notHere = 'not here';
export const asHere = 'as here';
export const oneThing = 'One thing';
export const things = (wrongCount: number): string => `${wrongCount.toString()} things`;
export const cannotBeReadAndWould = (more: string, wrong: string): string =>
  `${more} cannot be read and would be left out: ${wrong}.`;
export const addItToWhatIsHere = 'Add it to what is here';
export const inPlaceOfWhatIsHere = 'In place of what is here';
export const leaveIt = 'Leave it';
export const eraseEverythingOfMine = 'Erase everything of mine';
export const everyPotDishAndCopy =
  'Every pot, dish and copy is erased here and on this device, with what was set aside. Every phone is let go. It cannot be put back. Type “everything” if you mean it.';
export const eraseIt = 'Erase it';
export const keepIt = 'Keep it';
export const copies = 'Copies';
export const copying = 'Copying …';
export const makeACopy = 'Make a copy';
export const everythingThisHouseholdWroteDown =
  'Everything this household wrote down, as one file in the folder “copies” beside the data. One is made by itself every day and before every update; fourteen days are kept.';
export const aCopyIsMadeAnd = 'A copy is made, and was read back whole.';
export const noCopyWasMadeThe =
  'No copy was made: the disk is full. Make room and try again; nothing was changed.';
export const noCopyWasMadeThe2 = 'No copy was made: the server could not. Try again; nothing was changed.';
export const noCopyYet = 'No copy yet.';
export const noCopiesAndLeftAlone = (list: string): string =>
  `No copies, and left alone: ${list}. They are links or folders.`;
export const readsWhatIsOnTheStove = 'reads what is on the stove';
export const theHousesPhones = 'The house’s phones';
export const letACooksPhoneIn = 'Let a cook’s phone in';
export const letAGuestsPhoneIn = 'Let a guest’s phone in';
export const onlyThisMachineIsAnswered = 'Only this machine is answered. Start Hammock with';
export const npmStartLan = 'npm start -- --lan';
export const andPhonesInTheHouse = 'and phones in the house can be let in, one by one; nobody else is.';
export const thisOne = ' (this one)';
export const seen = (name: string, more: string, may: string, seenAtMs: string): string =>
  `${strong(name)}${more} ${may}, seen ${seenAtMs}`;
export const letGo = (name: string): string => `Let ${name} go`;
export const letItGo = 'Let it go';
export const thisMachineHasNoAddress = 'This machine has no address in the house: is it on the network?';
export const join = (address: string, code: string): string => `${address}/join#${code}`;
export const addressAndCodeForA = 'Address and code, for a phone’s camera';
export const onThePhoneInThe = 'On the phone, in the same network, open';
export const andType = 'and type';
export const itLetsOnePhoneIn = 'It lets one phone in, for ten minutes.';
export const thisDevice = 'This device';
export const everyScreenOpensWithThe = 'Every screen opens with the server away.';
export const theProgramItselfIsNot =
  'The program itself is not kept here: it opens only while the server answers. Browsers keep it on the machine Hammock runs on, or over TLS.';
export const theBrowserHasPromisedNot = 'The browser has promised not to clear it by itself.';
export const askTheBrowserNotTo = 'Ask the browser not to clear it';
export const putHammockBesideTheOtherPrograms = 'Put Hammock beside the other programs';
export const whatYouTypeAndTap =
  'What you type and tap is written down here first, and waits while the server is away.';
export const thereIsNoRoomHere =
  'There is no room here: what you type goes to the server at once, and is lost while it is away. Make room.';
export const thisWindowKeepsNothingIt =
  'This window keeps nothing: it may be a private one. What you type goes to the server at once.';
export const keeping = 'Keeping';
