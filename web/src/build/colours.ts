/** Pictures in Media are no wider than this: every pixel is looked at. */
const ACROSS = 2_000;

/** The least and the greatest red, green and blue in some pixels (RGBA), as two colours. */
export function extremes(pixels: Uint8ClampedArray): { darkest: string; lightest: string } {
  const low = [255, 255, 255];
  const high = [0, 0, 0];
  for (let i = 0; i + 3 < pixels.length; i += 4) {
    // What can be seen through shows the ground, which is no darker or lighter than text allows.
    if ((pixels[i + 3] ?? 0) < 8) continue;
    for (let part = 0; part < 3; part++) {
      const value = pixels[i + part] ?? 0;
      low[part] = Math.min(low[part] ?? 0, value);
      high[part] = Math.max(high[part] ?? 0, value);
    }
  }
  return { darkest: hex(low), lightest: hex(high) };
}

const hex = (parts: number[]) =>
  `#${parts.map((part) => part.toString(16).padStart(2, "0")).join("")}`;

/** Those of a picture; where it can't be read, of the worst that there is. */
export async function extremesOf(address: string) {
  try {
    const picture = new Image();
    picture.src = address;
    await picture.decode();
    const canvas = document.createElement("canvas");
    const scale = Math.min(1, ACROSS / (picture.naturalWidth || ACROSS));
    canvas.width = Math.max(1, Math.round((picture.naturalWidth || ACROSS) * scale));
    canvas.height = Math.max(1, Math.round((picture.naturalHeight || ACROSS) * scale));
    const drawing = canvas.getContext("2d");
    if (!drawing) return {};
    // Nearest pixels, not a mean of many: a mean would hide the brightest and the darkest.
    drawing.imageSmoothingEnabled = false;
    drawing.drawImage(picture, 0, 0, canvas.width, canvas.height);
    return extremes(drawing.getImageData(0, 0, canvas.width, canvas.height).data);
  } catch {
    return {};
  }
}
