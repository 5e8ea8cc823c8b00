// Adds to package-lock.json a stub for each optional package of another platform that npm dropped
// from it because it isn't served here; without these, `npm ci` refuses the lock.
// Run it after each `npm install`.
import { readFileSync, writeFileSync } from "node:fs";

const file = new URL("../package-lock.json", import.meta.url);
const lock = JSON.parse(readFileSync(file, "utf8"));
for (const entry of Object.values({ ...lock.packages })) {
  for (const [name, version] of Object.entries(entry.optionalDependencies ?? {})) {
    const path = `node_modules/${name}`;
    const [, os, cpu, libc] =
      name.match(/(linux|darwin|win32|freebsd|android|openharmony)-(\w+)(?:-(\w+))?$/) ?? [];
    lock.packages[path] ??= {
      version,
      optional: true,
      ...(os && { os: [os], cpu: [cpu] }),
      ...(libc === "musl" && { libc: ["musl"] }),
    };
  }
}
writeFileSync(file, `${JSON.stringify(lock, null, 2)}\n`);
