/** Has the browser save a text as a file. */
export function saveAs(name: string, content: string): void {
  const address = URL.createObjectURL(new Blob([content], { type: 'text/csv;charset=utf-8' }));
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
  // It is read by then.
  setTimeout(() => URL.revokeObjectURL(address), 60_000);
}
