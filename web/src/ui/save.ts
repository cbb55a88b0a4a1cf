/** Hands a file to the browser; gives its name. */
export function save(file: Blob, name: string): string {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(file);
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
  return name;
}
