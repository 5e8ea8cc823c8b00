import { escapeOrdersOf } from "../../engine/LocalGame";
import type { EscapeRoom } from "../../generated/types";
import { graphOf } from "./planGraph";
import { laidOut } from "./planLayout";

/** What takes long, beside the page: first the layout, then in how many orders it can be solved. */
addEventListener("message", ({ data }: MessageEvent<{ game: EscapeRoom }>) => {
  const { game } = data;
  postMessage({ layout: laidOut(graphOf(game)) });
  postMessage({ orders: escapeOrdersOf(game) });
});
