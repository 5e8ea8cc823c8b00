// Reads the advance widths of the shipped display type and writes them where the core measures text.
// `npm run widths` writes them anew; the test beside it (src/app/widths.test.ts) holds them to the font.
import { readFileSync, writeFileSync } from "node:fs";
import { createRequire } from "node:module";
import { fileURLToPath } from "node:url";

const require = createRequire(import.meta.url);
const fontkit = require("fontkit");
const here = (path) => fileURLToPath(new URL(path, import.meta.url));

const FONT = "../node_modules/@fontsource-variable/lexend/files/lexend-latin-wght-normal.woff2";
export const TABLE = here("../../core/src/main/java/bravium/core/measure/AdvanceWidths.java");
const FIRST = 0x20;
const LAST = 0xff;

/** The widths of the characters from FIRST to LAST, in thousandths of the type's size. */
export function widths() {
  const font = fontkit.openSync(here(FONT));
  return Array.from({ length: LAST - FIRST + 1 }, (_, i) => {
    const glyph = font.glyphForCodePoint(FIRST + i);
    return Math.round((glyph.advanceWidth * 1000) / font.unitsPerEm);
  });
}

/** The widths that stand in the core. */
export function written() {
  const source = readFileSync(TABLE, "utf8");
  const list = /WIDTHS = \{([^}]*)\}/.exec(source)?.[1] ?? "";
  return list.split(",").map((width) => Number(width.trim()));
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  const source = readFileSync(TABLE, "utf8");
  const lines = [];
  const all = widths();
  for (let i = 0; i < all.length; i += 16) lines.push(`    ${all.slice(i, i + 16).join(", ")}`);
  writeFileSync(
    TABLE,
    source.replace(/WIDTHS = \{[^}]*\}/, `WIDTHS = {\n${lines.join(",\n")}\n  }`),
  );
}
