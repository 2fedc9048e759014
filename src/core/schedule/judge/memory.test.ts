/** What was judged once is not judged again, but for a start that a trial had left out. */
import { describe, expect, it } from 'vitest';
import type { AtPart } from '../../air/at-part';
import { memoryOf } from './memory';
import type { Manner, StartOption } from './start-option';

/** Memory of an air of its own; a trial skips what starts on an odd instant. */
function kit(): { ask: (startMs: number, manner: Manner) => StartOption; asked: string[] } {
  const air = { rows: 2, nodes: 1 } as unknown as AtPart;
  const asked: string[] = [];
  const ask = memoryOf(air, 'energy').judgeOf('session', (startMs, manner) => {
    asked.push(`${startMs} ${manner}`);
    return { startMs, isSkipped: manner === 'trial' && startMs % 2 === 1 } as unknown as StartOption;
  });
  return { ask, asked };
}

describe('starts that were judged', () => {
  it('are kept, in a trial and after it', () => {
    const { ask, asked } = kit();
    ask(2, 'trial');
    ask(2, 'told');
    ask(2, 'trial');
    expect(asked).toEqual(['2 trial']);
  });
  it('a start that a trial skipped is judged when it is to be told of, and then kept', () => {
    const { ask, asked } = kit();
    expect(ask(1, 'trial').isSkipped).toBe(true);
    ask(1, 'trial');
    expect(ask(1, 'told').isSkipped).toBe(false);
    expect(ask(1, 'trial').isSkipped).toBe(false);
    expect(asked).toEqual(['1 trial', '1 told']);
  });
  it('one set by hand is its own', () => {
    const { ask, asked } = kit();
    ask(2, 'told');
    ask(2, 'by-hand');
    expect(asked).toEqual(['2 told', '2 by-hand']);
  });
});
