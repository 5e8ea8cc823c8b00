/** Something that reads a text aloud. */
export interface Voice {
  /**
   * Reads a text. Tells with each word where it begins in the text; at the end it says so once.
   * The function that is returned ends it at once, and then nothing more is told.
   */
  read: (
    text: string,
    wordsPerMinute: number,
    word: (start: number) => void,
    end: () => void,
  ) => () => void;
}

/** The pace of a browser's voice at its usual rate, in words a minute (common practice). */
const USUAL = 184;

const SLOWEST = 0.5;
const MILLIS = 60_000;

/** The words of a text by where they begin. */
export const wordsIn = (text: string): { start: number; text: string }[] =>
  [...text.matchAll(/\S+/g)].map((found) => ({ start: found.index, text: found[0] }));

/**
 * Stands in where a browser has no voice: nothing is heard, but the words are lit at the pace at which
 * they would be read. A longer word takes longer, and the end of a sentence a breath.
 */
export const standIn: Voice = {
  read(text, wordsPerMinute, word, end) {
    const words = wordsIn(text);
    const letters = words.reduce((sum, one) => sum + weight(one.text), 0);
    const millis = ((words.length / wordsPerMinute) * MILLIS) / Math.max(1, letters);
    let timer: ReturnType<typeof setTimeout>;
    const say = (place: number) => {
      const one = words[place];
      if (!one) return end();
      word(one.start);
      timer = setTimeout(() => say(place + 1), weight(one.text) * millis);
    };
    say(0);
    return () => clearTimeout(timer);
  },
};

const weight = (word: string) => 2 + word.length + (/[.!?:]$/.test(word) ? 4 : 0);

/** The browser's own voice. Voices that don't tell their words have them lit by the stand-in. */
function browserVoice(voice: SpeechSynthesisVoice): Voice {
  return {
    read(text, wordsPerMinute, word, end) {
      const utterance = new SpeechSynthesisUtterance(text);
      utterance.voice = voice;
      utterance.lang = voice.lang;
      utterance.rate = Math.max(SLOWEST, Math.min(1, wordsPerMinute / USUAL));
      let lit: (() => void) | undefined = standIn.read(text, wordsPerMinute, word, () => undefined);
      const quiet = () => {
        lit?.();
        lit = undefined;
      };
      utterance.onboundary = (event) => {
        if (event.name !== "word") return;
        quiet();
        word(event.charIndex);
      };
      let over = false;
      const finish = () => {
        if (over) return;
        over = true;
        quiet();
        end();
      };
      utterance.onend = finish;
      utterance.onerror = finish;
      speechSynthesis.cancel();
      speechSynthesis.speak(utterance);
      return () => {
        over = true;
        quiet();
        speechSynthesis.cancel();
      };
    },
  };
}

/** The browser's English voice, or the stand-in. */
export function voiceHere(): Voice {
  const voices = globalThis.speechSynthesis?.getVoices() ?? [];
  const english =
    voices.find((voice) => voice.lang === "en-GB") ??
    voices.find((voice) => voice.lang.startsWith("en"));
  return english ? browserVoice(english) : standIn;
}
