/** A job that begins with its fault: the page that made it asks for the finder on the page it goes to. */
let isWanted = false;

export function wantFinder(): void {
  isWanted = true;
}

/** Whether it was asked for; once. */
export function takeWanted(): boolean {
  const was = isWanted;
  isWanted = false;
  return was;
}
