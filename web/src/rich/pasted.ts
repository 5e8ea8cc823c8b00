/** What comes from the clipboard as HTML. It is read by the browser's own parser and never shown. */

const read = (html: string) => new DOMParser().parseFromString(html, "text/html").body;

/** Whether pasted HTML says more than its plain text does. */
export function saysMore(html: string): boolean {
  const body = read(html);
  const strong = [...body.querySelectorAll<HTMLElement>("b, strong")];
  return (
    strong.some(
      (element) => element.style.fontWeight !== "normal" && element.textContent?.trim(),
    ) || body.querySelector("i, em, sub, sup, ul, ol, img, a[href^=http]") !== null
  );
}

/** The pictures in pasted HTML that are there themselves, and how many are only named. */
export function picturesIn(html: string): { files: File[]; left: number } {
  const files: File[] = [];
  let left = 0;
  for (const picture of read(html).querySelectorAll("img")) {
    const file = fileOf(picture.getAttribute("src") ?? "", picture.alt);
    if (file) files.push(file);
    else left++;
  }
  return { files, left };
}

export function withoutPictures(html: string): string {
  const body = read(html);
  for (const picture of body.querySelectorAll("img")) picture.remove();
  return body.innerHTML;
}

function fileOf(address: string, name: string): File | undefined {
  const [, type, data] = /^data:(image\/[a-z+]+);base64,([A-Za-z0-9+/=\s]+)$/.exec(address) ?? [];
  if (!type || !data) return undefined;
  try {
    const bytes = Uint8Array.from(atob(data.replace(/\s/g, "")), (c) => c.charCodeAt(0));
    return new File([bytes], name || "picture", { type });
  } catch {
    return undefined;
  }
}
