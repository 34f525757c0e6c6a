/** Hands a text, or bytes, to the browser as a file to keep. */
export function download(name: string, mediaType: string, content: string | Uint8Array): void {
  const address = URL.createObjectURL(
    new Blob([typeof content === 'string' ? content : new Uint8Array(content)], {
      type: mediaType,
    }),
  );
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(address), 10_000);
}
