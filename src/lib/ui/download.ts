/** Hands a text, or bytes, to the browser as a file to keep. */
export function download(name: string, mediaType: string, content: string | Uint8Array): void {
  const bytes = typeof content === 'string' ? content : new Uint8Array(content);
  saveBlob(name, new Blob([bytes], { type: mediaType }));
}

/** The same for a blob, or for a file that lies on the disk already: it isn't read into memory. */
export function saveBlob(name: string, blob: Blob): void {
  const address = URL.createObjectURL(blob);
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
  // A large file is copied for longer than a small one is.
  setTimeout(() => URL.revokeObjectURL(address), 60_000);
}
