import { describe, expect, it } from 'vitest';
import { moveBookOf } from '../moves/move-book';
import { doseInWords } from './dose-words';
import { makeMoveFinder } from './move-finder';
import { readQuickLine } from './quick-line';

const finder = makeMoveFinder(moveBookOf({ moves: [] }));
const read = (line: string) => readQuickLine(line, finder, { from: 5, to: 6 });

describe('a typed line that names moves', () => {
  it.each([
    ['3 x 10 frog jumps', 'frog-jump', '3 × 10 reps'],
    ['3x10 frog jumps', 'frog-jump', '3 × 10 reps'],
    ['3 sets of 10 frog jumps', 'frog-jump', '3 × 10 reps'],
    ['frog jumps 3×10', 'frog-jump', '3 × 10 reps'],
    ['ten frog jumps', 'frog-jump', '10 reps'],
    ['frog jumps', 'frog-jump', '8 reps'],
    ['hold tree 15 s each leg twice', 'stork-stand', '2 × 15 second hold, each side'],
    ['tree 8', 'stork-stand', '8 second hold'],
    ['bear walk 10 there and back', 'bear-walk', '10 steps, there and back'],
    ['bear walk 10 steps each way', 'bear-walk', '10 steps, there and back'],
    ['march 45 s', 'march', '45 seconds'],
    ['march for 1 minute', 'march', '60 seconds'],
    ['march 20', 'march', '20 reps'],
    ['2 x march 45 s rest 15', 'march', '2 × 45 seconds, rest 15 s'],
    ['squats 10, 15, 20', 'squat', '10, 15, 20 reps'],
    ['squats 10 15 20 rest 20 s', 'squat', '10, 15, 20 reps, rest 20 s'],
    ['hop 5 each leg', 'hop', '5 reps, each side'],
    ['hop five times on the left leg', 'hop', '5 reps, left side'],
    ['hop ten, counting back', 'hop', '10 reps, counting back'],
    ['twenty five jumping jacks', 'jumping-jack', '25 reps'],
    ['two-foot jump 6', 'two-foot-jump', '6 reps'],
    ['jog 20 metres there and back', 'jog', '20 metres, there and back'],
    ['plank hold 8 s', 'plank', '8 second hold'],
    ['side steps 10 to the left', 'side-step', '10 steps, left side'],
    ['3 slow breaths', 'calm-breath', '3 reps'],
    ['toe touches x 5', 'toe-touch', '5 reps'],
    ['10 squats x 3', 'squat', '3 × 10 reps'],
  ])('%s', (line, move, dose) => {
    const reading = read(line);
    if (reading.kind !== 'move')
      throw new Error(`read as ${reading.kind}: ${JSON.stringify(reading)}`);
    expect(reading.actions).toHaveLength(1);
    expect(reading.actions[0]!.move.id).toBe(move);
    expect(doseInWords(reading.actions[0]!.dose)).toBe(dose);
  });

  it('takes the guise after "as" and its line after a colon', () => {
    const reading = read('6 frog jumps as ditch leaps: Over the ditch, keep your letters dry!');
    expect(reading).toMatchObject({
      kind: 'move',
      actions: [{ guise: { name: 'ditch leaps', line: 'Over the ditch, keep your letters dry!' } }],
    });
  });

  it('reads several moves joined by "then", and rounds', () => {
    const reading = read('6 frog jumps then 10 squats 3 rounds');
    expect(reading).toMatchObject({
      kind: 'move',
      rounds: 3,
      actions: [{ move: { id: 'frog-jump' } }, { move: { id: 'squat' } }],
    });
  });

  it('leaves "then" alone inside a spoken line, and splits after it', () => {
    const reading = read(
      '6 hops: Hop, then stop at the gate. then 4 squats: Down then up. + march',
    );
    expect(reading).toMatchObject({
      kind: 'move',
      actions: [
        { move: { id: 'hop' }, guise: { line: 'Hop, then stop at the gate.' } },
        { move: { id: 'squat' }, guise: { line: 'Down then up.' } },
        { move: { id: 'march' } },
      ],
    });
  });

  it('says when the amount is the usual one', () => {
    expect(read('squats')).toMatchObject({ actions: [{ usualAmount: true }] });
    expect(read('6 squats')).toMatchObject({ actions: [{ usualAmount: false }] });
  });
});

describe('other typed lines', () => {
  it.each([
    ['', { kind: 'nothing' }],
    [
      '# Warm-up by the mill',
      { kind: 'chapter', chapterKind: 'warm-up', title: 'Warm-up by the mill' },
    ],
    ['# The tower', { kind: 'chapter', chapterKind: 'adventure', title: 'The tower' }],
    ['drink', { kind: 'drink', seconds: 30 }],
    ['Water break 45 s', { kind: 'drink', seconds: 45 }],
    ['drink 1 min', { kind: 'drink', seconds: 60 }],
    ['The lamp has gone out!', { kind: 'tell', text: 'The lamp has gone out!', unread: [] }],
    ['Who can see the tower?', { kind: 'tell', waitSeconds: 3 }],
    ['"10 frog jumps"', { kind: 'tell', text: '10 frog jumps', unread: [] }],
    [
      '10 frog jumps over the wobbly bridge',
      { kind: 'tell', unread: ['over', 'wobbly', 'bridge'] },
    ],
    [
      'circuit 2 rounds 45 s rest 15: squats, plank, march',
      { kind: 'circuit', rounds: 2, workSeconds: 45, restSeconds: 15 },
    ],
    ['circuit 3 rounds 30/10', { kind: 'circuit', rounds: 3, workSeconds: 30, restSeconds: 10 }],
  ])('%s', (line, expected) => {
    expect(read(line)).toMatchObject(expected);
  });
});
