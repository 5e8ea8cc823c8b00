// Plays the cases of a file on the compiled engine and prints one line for each call.
// Usage: node play-cases.mjs ENGINE CASES; a case is a JSON object on a line of its own.
import { createReadStream } from "node:fs";
import { createInterface } from "node:readline";
import { pathToFileURL } from "node:url";

const engine = await import(pathToFileURL(process.argv[2]).href);
const lines = createInterface({ input: createReadStream(process.argv[3]) });
const out = [];
for await (const line of lines) {
  const call = JSON.parse(line);
  out.push(JSON.stringify(engine[call.name](...call.arguments)));
}
process.stdout.write(`${out.join("\n")}\n`);
