/** The stand-in of a forecast feed, on this machine: npm run feed. PORT names another port. */
import { FEED_ANSWERS, feedServer } from '@/standins/feed-server';

const port = Number(process.env.PORT ?? 4399);
feedServer(() => Date.now()).listen(port, '127.0.0.1', () => {
  const base = `http://127.0.0.1:${port}`;
  console.log(`A feed that is invented: ${base}/forecast?lat={lat}&lon={lon}`);
  console.log(
    `And what can go wrong: ${Object.keys(FEED_ANSWERS)
      .slice(1)
      .map((p) => base + p)
      .join('  ')}`,
  );
});
