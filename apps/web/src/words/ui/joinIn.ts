// What a cook reads in Join.tsx.

export const letThisDeviceIn = 'Let this device in';
export const onTheMachineHammockRuns =
  'On the machine Hammock runs on, open Keeping and let a phone in: it shows a code.';
export const oneChangeWaitsOnThis = 'One change waits on this device and is stored once it is let in again.';
export const changesWaitOnThisDevice = (waiting: number): string =>
  `${waiting.toString()} changes wait on this device and are stored once it is let in again.`;
export const or = (more: string): string => `${more} Or`;
export const it = 'it';
export const them = 'them';
export const giveUp = (more: string): string => `give ${more} up`;
export const thenEverythingThatThisDevice =
  ': then everything that this device remembers of the household is forgotten.';
export const theCode = 'The code';
export const whatThisDeviceIsCalled = 'What this device is called';
export const bluePhone = 'Blue phone';
export const letItIn = 'Let it in';
