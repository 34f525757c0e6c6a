import { killOften } from '../../bench/kill.mjs';
import { expect, test } from './arrup';

test('a browser that is killed in the middle of writing and leading loses nothing that was saved', async ({
  baseURL,
}) => {
  test.slow();
  const { lost, unreadable, worked } = await killOften({ at: baseURL!, kills: 3, seed: 7 });
  expect(lost).toEqual([]);
  expect(unreadable).toBe(0);
  expect(worked).toBe(3);
});
