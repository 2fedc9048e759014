/** Names of time zones. An offset like +01:00 is none: it does not know when the clocks change. */
const NAME = /^[A-Za-z][A-Za-z0-9_+/-]*$/;

/** True for a zone of the IANA list that this machine knows, like Europe/London; half a name is none. */
export function isZone(text: string): boolean {
  if (!NAME.test(text)) return false;
  try {
    new Intl.DateTimeFormat('en', { timeZone: text });
    return true;
  } catch {
    return false;
  }
}
