import { useEffect, useRef, useState } from "react";

/** The longest recording, in seconds. */
export const LONGEST = 180;

/** How much of the level is left of one look at it to the next. */
const FALL = 0.8;

/** What was recorded. */
export interface Recording {
  blob: Blob;
  millis: number;
}

type State = "ready" | "asking" | "recording" | "done" | "refused" | "impossible";

/** Records from the microphone, and tells how loud it is. */
export function useRecorder() {
  const [state, setState] = useState<State>(() =>
    navigator.mediaDevices && "MediaRecorder" in globalThis ? "ready" : "impossible",
  );
  const [seconds, setSeconds] = useState(0);
  const [level, setLevel] = useState(0);
  const [recording, setRecording] = useState<Recording>();
  const end = useRef<() => void>(undefined);
  useEffect(() => () => end.current?.(), []);

  const start = async () => {
    setState("asking");
    let stream: MediaStream;
    try {
      stream = await navigator.mediaDevices.getUserMedia({ audio: true });
    } catch {
      setState("refused");
      return;
    }
    const recorder = new MediaRecorder(stream);
    const pieces: Blob[] = [];
    const began = performance.now();
    const meter = listen(stream, setLevel);
    const clock = setInterval(() => {
      const passed = (performance.now() - began) / 1000;
      setSeconds(passed);
      if (passed >= LONGEST) end.current?.();
    }, 200);
    recorder.ondataavailable = (event) => pieces.push(event.data);
    recorder.onstop = () => {
      clearInterval(clock);
      meter();
      for (const track of stream.getTracks()) track.stop();
      end.current = undefined;
      const millis = Math.round(performance.now() - began);
      setRecording({ blob: new Blob(pieces, { type: recorder.mimeType }), millis });
      setSeconds(millis / 1000);
      setLevel(0);
      setState("done");
    };
    end.current = () => recorder.state !== "inactive" && recorder.stop();
    setSeconds(0);
    recorder.start();
    setState("recording");
  };
  return { state, seconds, level, recording, start, stop: () => end.current?.() };
}

/** Tells the level of a stream, 0 to 1, some times a second; the function that is returned ends it. */
function listen(stream: MediaStream, tell: (level: number) => void): () => void {
  const context = new AudioContext();
  const analyser = context.createAnalyser();
  analyser.fftSize = 1024;
  context.createMediaStreamSource(stream).connect(analyser);
  const samples = new Float32Array(analyser.fftSize);
  let shown = 0;
  const timer = setInterval(() => {
    analyser.getFloatTimeDomainData(samples);
    const power = samples.reduce((sum, sample) => sum + sample * sample, 0) / samples.length;
    // From -60 dB, hardly to be heard, to 0 dB, the loudest there is; it falls slower than it rises.
    const level = Math.max(0, Math.min(1, 1 + Math.log10(Math.max(power, 1e-9)) / 6));
    shown = Math.max(level, shown * FALL);
    tell(shown);
  }, 80);
  return () => {
    clearInterval(timer);
    context.close();
  };
}
