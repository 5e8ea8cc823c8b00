import { escapeOrdersOf, escapePlanOf } from "../../engine/LocalGame";
import type { EscapeRoom } from "../../generated/types";
import { graphOf } from "./planGraph";
import { laidOut } from "./planLayout";

/** What takes long, beside the page: the layout, or in how many orders it can be solved. */
addEventListener("message", ({ data }: MessageEvent<{ game: EscapeRoom; counts: boolean }>) => {
  const { game, counts } = data;
  postMessage(
    counts
      ? { orders: escapeOrdersOf(game) }
      : { plan: escapePlanOf(game), layout: laidOut(graphOf(game)) },
  );
});
