/** The browser forgets the file this long after it was saved, ms. */
const KEEP_MS = 60_000;

/** Gives the browser a file to save. */
export function saveFile(name: string, type: string, text: string): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(new Blob([text], { type }));
  link.download = name;
  link.click();
  setTimeout(() => {
    URL.revokeObjectURL(link.href);
  }, KEEP_MS);
}

/** A name as a file may have it: "Evening pilaf" is evening-pilaf. */
export const fileName = (label: string, ending: string): string => {
  const bare = label
    .toLowerCase()
    .normalize('NFKD')
    .replaceAll(/[^\p{L}\p{N}]+/gu, '-')
    .replaceAll(/^-|-$/gu, '')
    .slice(0, 60);
  return `${bare === '' ? 'dish' : bare}.${ending}`;
};
