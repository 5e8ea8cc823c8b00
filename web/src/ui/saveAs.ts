/** Has the browser save what is at an address of this server as a file. */
export function saveAs(address: string) {
  const link = document.createElement("a");
  link.href = address;
  link.download = "";
  document.body.append(link);
  link.click();
  link.remove();
}
