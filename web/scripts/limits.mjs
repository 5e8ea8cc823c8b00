// Writes src/generated/limits.ts: the ranges that the activity's format allows, as its schema says
// them (which a test holds to what the Java records say). Usage: node scripts/limits.mjs
import { readFileSync, writeFileSync } from "node:fs";

const schema = JSON.parse(
  readFileSync(new URL("../../docs/activity.schema.json", import.meta.url), "utf8"),
);
const limits = {};
for (const [type, { properties = {} }] of Object.entries({ Activity: schema, ...schema.$defs })) {
  for (const [name, property] of Object.entries(properties)) {
    const least = property.minimum ?? property.minItems;
    const most = property.maximum ?? property.maxItems;
    if (least === undefined && most === undefined) continue;
    limits[type] ??= {};
    limits[type][name] = { least: least ?? 0, ...(most !== undefined && { most }) };
  }
}
writeFileSync(
  new URL("../src/generated/limits.ts", import.meta.url),
  `/** The least and the most that the format allows, by type and property. */\nexport const limits = ${JSON.stringify(limits, null, 2)} as const;\n`,
);
