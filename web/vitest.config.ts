import { mergeConfig } from "vite";
import { defineConfig } from "vitest/config";
import base from "./vite.config";

export default mergeConfig(
  base,
  defineConfig({
    test: {
      environment: "node",
      // No test leaves anything behind, and to make a world for each file takes longer than the tests.
      pool: "threads",
      isolate: false,
      unstubGlobals: true,
      testTimeout: 60_000,
      setupFiles: ["gallery/patience.ts"],
      include: ["{src,gallery}/**/*.test.{ts,tsx}"],
      // The compiled engine is large, and Node reads it as it is.
      server: { deps: { external: [/generated\/engine\.js/] } },
    },
  }),
);
