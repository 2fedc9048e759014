/** Runs once when the server starts: the database is opened, brought up to date and, for the demo, filled. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return;
  const { workshop } = await import('./app/wiring');
  workshop();
}
