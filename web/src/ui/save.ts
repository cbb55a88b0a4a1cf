/** Shows a file beside this page, where the browser can print it. */
export function open(file: Blob): void {
  // The address lives as long as this page, so that the opened file can be loaded again.
  if (!window.open(URL.createObjectURL(file))) {
    throw new Error('The browser did not let Bemble open it. Download the PDF and print that.');
  }
}

/** Hands a file to the browser; gives its name. */
export function save(file: Blob, name: string): string {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(file);
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
  return name;
}
