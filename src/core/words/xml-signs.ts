/** The text without the signs that XML 1.0 does not have. */
export function xmlSigns(text: string): string {
  return text.replace(/[^\t\n\r\u{20}-\u{d7ff}\u{e000}-\u{fffd}\u{10000}-\u{10ffff}]/gu, '');
}
