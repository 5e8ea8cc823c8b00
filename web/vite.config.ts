import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { defineConfig } from "vite";

const server = `http://localhost:${process.env.BRAVIUM_PORT ?? "8080"}`;

export default defineConfig({
  plugins: [react(), tailwindcss()],
  resolve: {
    alias: { "@engine": new URL("./src/generated/engine.js", import.meta.url).pathname },
  },
  // Fonts stay files of their own, so that a strict Content-Security-Policy holds.
  build: { assetsInlineLimit: 0 },
  server: { proxy: { "/api": server } },
});
