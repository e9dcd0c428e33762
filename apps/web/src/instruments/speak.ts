/** Says something aloud, in place of what it was saying. */
export function speak(text: string): void {
  if (typeof speechSynthesis === 'undefined') return;
  speechSynthesis.cancel();
  const said = new SpeechSynthesisUtterance(text);
  said.lang = document.documentElement.lang;
  speechSynthesis.speak(said);
}
