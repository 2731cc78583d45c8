/** Saves a file on the person's own machine. */
export function save(name: string, content: Blob): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(content);
  link.download = name;
  link.click();
  URL.revokeObjectURL(link.href);
}
