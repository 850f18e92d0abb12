/** Hands what the page made to the browser to save. */

/** Saves what lies at an address under a name made of plain letters and digits. */
export function saveAddress(address: string, name: string, ending: string): void {
  const link = document.createElement('a');
  link.href = address;
  link.download = `${name.replace(/[^\p{L}\p{N}]+/gu, '-').slice(0, 60)}.${ending}`;
  link.click();
}

/** Saves a text as a file of some media type. */
export function saveText(text: string, type: string, name: string, ending: string): void {
  const address = URL.createObjectURL(new Blob([text], { type }));
  saveAddress(address, name, ending);
  // The browser has taken hold of it by the end of this task.
  setTimeout(() => URL.revokeObjectURL(address));
}
