import type { HappeningUnion } from "../generated/types";

/** Bravium's own sounds: a few soft tones each, made in the browser. */
export type Effect = "right" | "partly" | "wrong" | "tick" | "hint" | "lock" | "win" | "lose";

/** A tone: its pitch in hertz, when it begins and how long it lasts, in seconds. */
type Tone = readonly [pitch: number, at: number, lasts: number];

const TONES: Record<Effect, { tones: Tone[]; shape: OscillatorType; loud: number }> = {
  right: {
    tones: [
      [523, 0, 0.14],
      [784, 0.11, 0.26],
    ],
    shape: "sine",
    loud: 0.18,
  },
  partly: {
    tones: [
      [523, 0, 0.14],
      [587, 0.12, 0.2],
    ],
    shape: "sine",
    loud: 0.15,
  },
  wrong: {
    tones: [
      [294, 0, 0.16],
      [262, 0.14, 0.26],
    ],
    shape: "triangle",
    loud: 0.12,
  },
  tick: { tones: [[880, 0, 0.05]], shape: "sine", loud: 0.06 },
  hint: {
    tones: [
      [659, 0, 0.1],
      [587, 0.1, 0.1],
      [659, 0.2, 0.16],
    ],
    shape: "sine",
    loud: 0.1,
  },
  lock: {
    tones: [
      [196, 0, 0.07],
      [392, 0.06, 0.09],
    ],
    shape: "triangle",
    loud: 0.14,
  },
  win: {
    tones: [
      [392, 0, 0.16],
      [494, 0.14, 0.16],
      [587, 0.28, 0.16],
      [784, 0.42, 0.5],
    ],
    shape: "sine",
    loud: 0.18,
  },
  lose: {
    tones: [
      [392, 0, 0.2],
      [330, 0.2, 0.2],
      [349, 0.4, 0.45],
    ],
    shape: "sine",
    loud: 0.12,
  },
};

let context: AudioContext | undefined;

/** Plays a sound; where the browser can't, or isn't allowed to yet, nothing is heard. */
export function playEffect(effect: Effect) {
  if (typeof AudioContext === "undefined") return;
  context ??= new AudioContext();
  const { tones, shape, loud } = TONES[effect];
  if (context.state === "suspended") context.resume().catch(() => undefined);
  const now = context.currentTime;
  for (const [pitch, at, lasts] of tones) {
    const tone = context.createOscillator();
    const volume = context.createGain();
    tone.type = shape;
    tone.frequency.value = pitch;
    volume.gain.setValueAtTime(0, now + at);
    volume.gain.linearRampToValueAtTime(loud, now + at + 0.015);
    volume.gain.exponentialRampToValueAtTime(0.0001, now + at + lasts);
    tone.connect(volume).connect(context.destination);
    tone.start(now + at);
    tone.stop(now + at + lasts + 0.02);
  }
}

/** The sound that belongs to what happened: the last that has one, for it is what matters. */
export function effectOf(happenings: HappeningUnion[]): Effect | undefined {
  return happenings.map(soundOf).findLast((effect) => effect !== undefined);
}

function soundOf(happening: HappeningUnion): Effect | undefined {
  switch (happening.kind) {
    case "answer-marked":
      if (happening.verdict === "right" || happening.verdict === "partly") return happening.verdict;
      return happening.verdict === "given" ? "lock" : "wrong";
    case "entered":
      if (happening.verdict === "partly") return "partly";
      return happening.counted ? (happening.verdict === "right" ? "right" : "wrong") : "tick";
    case "option-struck":
      return "lock";
    case "hint-given":
      return "hint";
    case "team-awarded":
      return happening.points > 0 ? "right" : "wrong";
    case "won":
    case "tied":
      return "win";
    case "lost":
      return "lose";
    default:
      return undefined;
  }
}
