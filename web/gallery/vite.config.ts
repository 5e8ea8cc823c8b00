import { defineConfig, mergeConfig } from "vite";
import base from "../vite.config";

/** The states of all games on one page, for tests alone: it is no part of the application. */
export default mergeConfig(
  base,
  defineConfig({
    root: new URL(".", import.meta.url).pathname,
    base: "/gallery/",
    build: { outDir: "../target/gallery", emptyOutDir: true, minify: false },
  }),
);
