// Plays one game over and over on the compiled engine and prints how many moves a second it made:
// alone, and each with what the player sees after it.
// Usage: node play.mjs ENGINE GAME SECONDS
import { readFileSync } from "node:fs";
import { pathToFileURL } from "node:url";

const engine = await import(pathToFileURL(process.argv[2]).href);
const { activity, moves } = JSON.parse(readFileSync(process.argv[3], "utf8"));
const seconds = Number(process.argv[4]);

function play(shows) {
  const begin = performance.now();
  let count = 0;
  while (performance.now() - begin < seconds * 1000) {
    const game = engine.open(activity, { seed: `seed ${count}`, at: 0, rehearsal: false });
    for (const move of moves) {
      engine.play(game, move, count++);
      if (shows) engine.show(game, "player", count);
    }
    engine.close(game);
  }
  return count / ((performance.now() - begin) / 1000);
}

play(true);
process.stdout.write(`${play(false)} ${play(true)}\n`);
