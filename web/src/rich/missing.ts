import katex from "katex";
import { words } from "../words/en";

/** What a formula still lacks, in a sentence; nothing where it can be drawn as it is. */
export function missingIn(tex: string): string | undefined {
  if (!tex.trim()) return undefined;
  try {
    katex.renderToString(tex, { throwOnError: true, strict: "ignore" });
    return undefined;
  } catch (error) {
    return sentenceOf(tex, error instanceof Error ? error.message : "");
  }
}

/** The bracket that is opened more often than it is closed; nothing where all are closed. */
const openOf = (tex: string) =>
  [
    ["{", "}"],
    ["[", "]"],
  ].find(([open = "", shut = ""]) => tex.split(open).length > tex.split(shut).length)?.[1];

function sentenceOf(tex: string, message: string): string {
  const says = words.rich.missing;
  const unknown = /Undefined control sequence: (\\\S+)/.exec(message);
  if (unknown) return says.unknown(unknown[1] ?? "");
  const extra = /Expected 'EOF', got '([^']+)'/.exec(message);
  if (extra) return says.extra(extra[1] ?? "");
  const after = /Expected group (?:after|as argument to) '([^']+)'/.exec(message);
  if (after) return says.after(after[1] ?? "");
  const open = openOf(tex);
  if (open) return says.sign(open);
  const command = tex.match(/\\[a-zA-Z]+/g)?.at(-1);
  if (/end of input in a macro argument/.test(message) && command) return says.after(command);
  const sign = /Expected '([^']+)', got 'EOF'/.exec(message);
  return sign ? says.sign(sign[1] ?? "") : says.other;
}
