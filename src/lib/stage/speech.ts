/** A voice of this device itself: others would send what is said elsewhere. Null where there is none. */
function ownVoice(): SpeechSynthesisVoice | null {
  if (typeof speechSynthesis === 'undefined') return null;
  const own = speechSynthesis.getVoices().filter(({ localService }) => localService);
  return own.find(({ lang }) => lang.startsWith('en')) ?? own[0] ?? null;
}

/** Says a line aloud in place of the one before; false where this device has no voice of its own. */
export function speak(text: string): boolean {
  const voice = ownVoice();
  if (!voice) return false;
  speechSynthesis.cancel();
  const said = new SpeechSynthesisUtterance(text);
  said.voice = voice;
  said.lang = voice.lang;
  speechSynthesis.speak(said);
  return true;
}

export function hushSpeech(): void {
  if (typeof speechSynthesis !== 'undefined') speechSynthesis.cancel();
}
