import { mergeConfig } from "vite";
import { defineConfig } from "vitest/config";
import base from "./vite.config";

export default mergeConfig(
  base,
  defineConfig({ test: { environment: "node", include: ["{src,gallery}/**/*.test.{ts,tsx}"] } }),
);
