/** Runs once when the server starts: the database is opened, brought up to date and, for the demo, filled. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return;
  const { workshop } = await import('./app/wiring');
  try {
    workshop();
  } catch (e) {
    // A workshop that cannot be opened is said in a sentence, not as a page that fails.
    process.stderr.write(`\n${e instanceof Error ? e.message : String(e)}\n`);
    process.exit(1);
  }
}
