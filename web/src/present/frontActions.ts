import { useLook } from "../app/useLook";
import { isOnlyRead, isPicked } from "../stage/stage";
import { words } from "../words/en";
import type { FrontControls } from "./useFrontControls";

/** Something that can be done at the front by a key, by the bar or by the list of keys. */
export interface FrontAction {
  id: string;
  /** Its word on the bar. */
  name: string;
  /** Whether it does something just now. */
  there: boolean;
  run: () => void;
}

const press = (selector: string) => document.querySelector<HTMLButtonElement>(selector)?.click();

/** Fills the screen with the game, or gives it back. */
export const turnFull = () => {
  const done = document.fullscreenElement
    ? document.exitFullscreen()
    : document.documentElement.requestFullscreen?.();
  done?.catch(() => undefined);
};

/** Everything besides options, teams and boards, which are pressed themselves. */
export function frontActions(controls: FrontControls, leave: () => void): FrontAction[] {
  const { showing, open } = controls;
  const { question, stage } = showing;
  const asked = stage === "question" && question !== undefined;
  const picked = asked && isPicked(question);
  const playing = stage !== "title" && stage !== "end";
  const names = words.front.tools;
  const turnLook = useLook.getState().turn;
  const action = (id: keyof typeof names, there: boolean, run: () => void) => ({
    id,
    name: names[id],
    there,
    run,
  });
  return [
    action("next", stage !== "end", controls.next),
    action("back", stage !== "title", controls.back),
    action("strike", picked, () => controls.strike(false)),
    action("reveal", picked || (asked && !isOnlyRead(question)), controls.reveal),
    action("hands", picked, () => open("hands")),
    action("one", picked || stage === "title", controls.turnOneByOne),
    action("hint", (question?.help.more ?? 0) > 0, controls.hint),
    action("clock", true, controls.clock),
    action("more", showing.clock !== undefined || controls.classClock !== undefined, () =>
      controls.moreTime(),
    ),
    action("shutter", true, controls.turnShutter),
    action("pen", true, controls.turnPen),
    action("low", true, controls.turnLow),
    action("print", true, () => window.print()),
    action("picture", playing, controls.takePicture),
    action("jump", playing && showing.markers.length > 1, () => open("jump")),
    action("unlock", showing.scene?.kind === "escape-room" && playing, controls.openLock),
    action("sound", true, controls.turnSound),
    action("aloud", stage !== "end", () => press("[data-read-aloud]")),
    action("look", true, turnLook),
    action("full", document.fullscreenEnabled ?? false, turnFull),
    action("keys", true, () => open("keys")),
    action("leave", true, leave),
  ];
}
