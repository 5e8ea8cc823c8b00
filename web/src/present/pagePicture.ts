import { saveAs } from "../ui/saveAs";

/** What is no part of a page: the bar, the tools of the pen, the shutter. */
const LEFT_OUT = ["front-strip", "pen-tools", "pen-note"];

/** The page as the class left it, saved as a picture: cards, figures and strokes. */
export async function savePicture(page: HTMLElement, name: string) {
  const { toBlob } = await import("html-to-image");
  const picture = await toBlob(page, {
    pixelRatio: 2,
    backgroundColor: getComputedStyle(page).backgroundColor,
    filter: (node) =>
      !(node instanceof Element) || !LEFT_OUT.some((left) => node.classList.contains(left)),
  });
  if (!picture) throw new Error("no picture was made");
  const address = URL.createObjectURL(picture);
  saveAs(address, `${name}.png`);
  // Once the browser has taken it.
  setTimeout(() => URL.revokeObjectURL(address), 10_000);
}
