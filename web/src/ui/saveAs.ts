/** Has the browser save what is at an address as a file; under the name that the server gives, if none is said. */
export function saveAs(address: string, name = "") {
  const link = document.createElement("a");
  link.href = address;
  link.download = name;
  document.body.append(link);
  link.click();
  link.remove();
}
