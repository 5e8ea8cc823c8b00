// What play.mjs does, with the engine as it was before it learned other games: texts in and out.
// Usage: node play.mjs ENGINE GAME SECONDS
import { readFileSync } from "node:fs";
import { pathToFileURL } from "node:url";

const engine = await import(pathToFileURL(process.argv[2]).href);
const game = JSON.parse(readFileSync(process.argv[3], "utf8"));
const seconds = Number(process.argv[4]);
const activity = JSON.stringify(game.activity);
const moves = game.moves.map((move) => JSON.stringify(move));

function play(shows) {
  const begin = performance.now();
  let count = 0;
  while (performance.now() - begin < seconds * 1000) {
    const opening = JSON.stringify({ seed: `seed ${count}`, at: 0, rehearsal: false });
    let sitting = engine.open(activity, opening);
    for (const move of moves) {
      sitting = JSON.stringify(JSON.parse(engine.play(activity, sitting, move, count++)).sitting);
      if (shows) engine.show(activity, sitting, "player", count);
    }
  }
  return count / ((performance.now() - begin) / 1000);
}

play(true);
process.stdout.write(`${play(false)} ${play(true)}\n`);
