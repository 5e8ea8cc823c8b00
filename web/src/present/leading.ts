import { useEffect, useRef } from "react";
import { type FrontCommand, frontChannel } from "./channel";
import type { FrontControls } from "./useFrontControls";

/** What the teacher asks for on her own screen is done here, on the projector. */
export function useLed(sitting: string, controls: FrontControls) {
  const latest = useRef(controls);
  latest.current = controls;
  useEffect(() => {
    if (typeof BroadcastChannel === "undefined") return;
    const channel = frontChannel(sitting, (message) => {
      if ("does" in message) does(message.does, latest.current);
    });
    return channel.close;
  }, [sitting]);
}

function does(command: FrontCommand, controls: FrontControls) {
  switch (command.kind) {
    case "next":
      return controls.next();
    case "back":
      return controls.back();
    case "strike":
      return controls.strike(false);
    case "reveal":
      return controls.strike(true);
    case "hint":
      return controls.hint();
    case "clock":
      return controls.clock();
    case "shutter":
      return controls.turnShutter();
    case "turn":
      return controls.pressTeam(command.team, false);
    case "points":
      return controls.givePoints(command.team, command.points);
  }
}
