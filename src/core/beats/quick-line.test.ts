import { describe, expect, it } from 'vitest';
import { moveBookOf } from '../moves/move-book';
import { doseInWords } from '../language/dose-words';
import { makeMoveFinder } from '../moves/move-finder';
import { beatsFromReading, readQuickLine } from './quick-line';

const finder = makeMoveFinder(moveBookOf({ moves: [] }));
const tools = { finder, ages: { from: 5, to: 6 }, kit: [], book: null };
const read = (line: string) => readQuickLine(line, tools);

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
    ['10 hops, half at a time', 'hop', '10 reps, half at a time'],
    ['bear walk 6 m, four at a time', 'bear-walk', '6 metres, 4 at a time'],
    ['5 frog jumps one by one', 'frog-jump', '5 reps, one by one'],
    ['20 s jog, half the class at a time', 'jog', '20 seconds, half at a time'],
    ['hop ten, counting back', 'hop', '10 reps, counting back'],
    ['twenty five jumping jacks', 'jumping-jack', '25 reps'],
    ['two-foot jump 6', 'two-foot-jump', '6 reps'],
    ['jog 20 metres there and back', 'jog', '20 metres, there and back'],
    ['plank hold 8 s', 'plank', '8 second hold'],
    ['side steps 10 to the left', 'side-step', '10 steps, left side'],
    ['3 slow breaths', 'calm-breath', '3 reps'],
    ['toe touches x 5', 'toe-touch', '5 reps'],
    ['10 squats x 3', 'squat', '3 × 10 reps'],
    ['10x squats', 'squat', '10 reps'],
    ['10 × squats', 'squat', '10 reps'],
    ['squat x10', 'squat', '10 reps'],
    ['squats, 10', 'squat', '10 reps'],
    ['Do 10 squats.', 'squat', '10 reps'],
    ['please do ten squats', 'squat', '10 reps'],
    ['10 reps of squats', 'squat', '10 reps'],
    ['squats for 10 reps', 'squat', '10 reps'],
    ['two sets of eight squats', 'squat', '2 × 8 reps'],
    ['8 squats, 2 sets', 'squat', '2 × 8 reps'],
    ['8 squats, twice', 'squat', '2 × 8 reps'],
    ['8 squats three times', 'squat', '3 × 8 reps'],
    ['3 times 8 squats', 'squat', '3 × 8 reps'],
    ['3 x 8 squats with 15 s rest', 'squat', '3 × 8 reps, rest 15 s'],
    ['3 x 8 squats, rest for 15 seconds', 'squat', '3 × 8 reps, rest 15 s'],
    ['3 x 8 squats rest 15', 'squat', '3 × 8 reps, rest 15 s'],
    ['squats 6, 8 and 10', 'squat', '6, 8, 10 reps'],
    ['squats 6-8-10', 'squat', '6, 8, 10 reps'],
    ['5, 10, 15 frog jumps', 'frog-jump', '5, 10, 15 reps'],
    ['bunny hops 8', 'bunny-hop', '8 reps'],
    ['8 little jumps', 'two-foot-jump', '8 reps'],
    ['jump 8', 'two-foot-jump', '8 reps'],
    ['6 star jumps', 'jumping-jack', '6 reps'],
    ['jumping jacks 20 s', 'jumping-jack', '20 seconds'],
    ['jumping jacks for twenty seconds', 'jumping-jack', '20 seconds'],
    ['march on the spot 30 sec', 'march', '30 seconds'],
    ['march 1 min', 'march', '60 seconds'],
    ['run on the spot 15 secs', 'fast-feet', '15 seconds'],
    ['2 x fast feet 10 s rest 10 s', 'fast-feet', '2 × 10 seconds, rest 10 s'],
    ['tree pose 10 seconds each side', 'stork-stand', '10 second hold, each side'],
    ['stand on one leg for 6 s, both legs', 'stork-stand', '6 second hold, each side'],
    ['stork stand, left leg, 5 s', 'stork-stand', '5 second hold, left side'],
    ['hold stork stand 5', 'stork-stand', '5 second hold'],
    ['stork stand held 5 s', 'stork-stand', '5 second hold'],
    ['twice hold plank 6 s', 'plank', '2 × 6 second hold'],
    ['plank', 'plank', '8 second hold'],
    ['crawl 8 steps there and back again', 'crawl', '8 steps, there and back'],
    ['crab walk 6 both ways', 'crab-walk', '6 steps, there and back'],
    ['gallop 12 metres', 'gallop', '12 metres'],
    ['gallop 12 m on the right', 'gallop', '12 metres, right side'],
    ['skip 10 m there and back', 'skip', '10 metres, there and back'],
    ['side steps 8 left and right', 'side-step', '8 steps, each side'],
    ['giant steps 4', 'giant-walk', '4 steps'],
    ['hop 10 backwards count', 'hop', '10 reps, counting back'],
    ['10 hops counting down', 'hop', '10 reps, counting back'],
    ['hop on the right foot only 5', 'hop', '5 reps, right side'],
    ['toss and catch 8', 'ball-toss-catch', '8 reps'],
    ['seated march 20', 'seated-march', '20 reps'],
    ['touch your toes 4', 'toe-touch', '4 reps'],
    ['cat and cow 3', 'cat-stretch', '3 reps'],
    ['lie still 20 s', 'lie-still', '20 seconds'],
    ['reach high 6 s', 'tall-reach', '6 second hold'],
    ['mountain climbers 10', 'quick-climb', '10 reps'],
    ['4 burpees', 'burpee', '4 reps'],
    ['wiggle 10 s', 'shake-out', '10 seconds'],
    ['FROG JUMPS 5', 'frog-jump', '5 reps'],
    ['  5   frog   jumps  ', 'frog-jump', '5 reps'],
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
    ['Who can see the tower?', { kind: 'tell', waitSeconds: 2 }],
    ['"10 frog jumps"', { kind: 'tell', text: '10 frog jumps', unread: [] }],
    [
      '10 frog jumps who are on the wobbly bridge',
      { kind: 'tell', unread: ['who', 'are', 'wobbly', 'bridge'] },
    ],
    ['frog jumps are fun', { kind: 'tell' }],
    ['jump like a frog who has lost its hat', { kind: 'tell' }],
    ['“Ten squats”', { kind: 'tell', text: 'Ten squats', unread: [] }],
    ['sip', { kind: 'drink', seconds: 30 }],
    ['Drink 1000 s', { kind: 'drink', seconds: 1000 }],
    ['#cool-down', { kind: 'chapter', chapterKind: 'cool-down', title: 'cool-down' }],
    ['# A game of fog', { kind: 'chapter', chapterKind: 'game' }],
    ['circuit', { kind: 'circuit', stations: [], rounds: 2, workSeconds: 30, restSeconds: 15 }],
    ['circuit: squats, moon walks', { kind: 'tell', unread: ['moon walks'] }],
    [
      'circuit 2 rounds 45 s rest 15: squats, plank, march',
      { kind: 'circuit', rounds: 2, workSeconds: 45, restSeconds: 15 },
    ],
    ['circuit 3 rounds 30/10', { kind: 'circuit', rounds: 3, workSeconds: 30, restSeconds: 10 }],
  ])('%s', (line, expected) => {
    expect(read(line)).toMatchObject(expected);
  });
});

describe('words to be said, in a typed line', () => {
  const guises = (line: string) => {
    const reading = read(line);
    if (reading.kind !== 'move') throw new Error(`${line}: ${reading.kind}`);
    return reading.actions.map(({ guise: { name, line: said, meanwhile } }) => [
      name,
      said,
      meanwhile,
    ]);
  };

  it.each([
    ['10 squats: Down we go', [['', 'Down we go', '']]],
    ['10 squats … Heels down', [['', '', 'Heels down']]],
    ['10 squats ... Heels down', [['', '', 'Heels down']]],
    [
      '10 squats as dips: Watch me … Heels down, chest up',
      [['dips', 'Watch me', 'Heels down, chest up']],
    ],
    ['march 30 s … Who is there? I hear a bell.', [['', '', 'Who is there? I hear a bell.']]],
    [
      '10 squats: “Down, then up: so” then 5 hops: "Over … and over" … “Soft, knees”',
      [
        ['', 'Down, then up: so', ''],
        ['', 'Over … and over', 'Soft, knees'],
      ],
    ],
    ['march 20 s … left then right then left', [['', '', 'left then right then left']]],
  ])('%s', (line, expected) => expect(guises(line)).toEqual(expected));

  it('a drink’s are said while they drink', () => {
    for (const line of [
      'drink 30 s: Sip slowly, little otters.',
      'drink ... Sip slowly, little otters.',
    ]) {
      expect(read(line)).toMatchObject({ kind: 'drink', text: 'Sip slowly, little otters.' });
    }
  });

  it('at the end of a table they are said to all draws, in quotation marks to one move', () => {
    const reading = read(
      'die 6 throws: squats: “Sit back.” … “Heels down”, hops … Who throws next, then?',
    );
    expect(reading).toMatchObject({
      kind: 'draw',
      meanwhile: 'Who throws next, then?',
      entries: [
        { action: { guise: { line: 'Sit back.', meanwhile: 'Heels down' } } },
        { action: { guise: { line: '', meanwhile: '' } } },
      ],
    });
  });

  it('at a station stand in quotation marks, or at the end', () => {
    const reading = read(
      'circuit 2 rounds 45 s rest 15: squats: “Low, please”, march … Tall, tall',
    );
    expect(reading).toMatchObject({
      kind: 'circuit',
      stations: [
        { guise: { line: 'Low, please', meanwhile: '' } },
        { guise: { line: '', meanwhile: 'Tall, tall' } },
      ],
    });
  });

  it('by themselves go with what stands before them; dots in a sentence are dots', () => {
    expect(read('... Nearly there, keep those knees up')).toEqual({
      kind: 'meanwhile',
      text: 'Nearly there, keep those knees up',
    });
    expect(read('Squat... and jump!')).toMatchObject({ kind: 'tell' });
    expect(read('Ready … steady … go!')).toMatchObject({ kind: 'tell' });
  });
});

describe('how it is led, in a typed line', () => {
  it.each([
    ['10 squats, follow me', { led: 'follow me' }],
    ['follow me: 10 squats', { led: 'follow me' }],
    ['straight into 10 squats', { led: 'follow me' }],
    ['show, then do: 10 squats: Watch me', { led: 'show, then do' }],
    ['10 squats, by the clock, not shown', { led: 'by the clock', show: 'none' }],
    ['march 30 s, count in', { countIn: true }],
    ['march 30 s, no count-in: Up we go', { countIn: false }],
    ['shown first, 10 squats then 5 hops', { show: 'first' }],
    ['circuit 2 rounds 45 s rest 15, follow me: squats, march', { led: 'follow me' }],
    ['die 6 throws, no count-in: squats, hops', { countIn: false }],
  ])('%s', (line, how) => {
    const reading = read(line);
    expect(reading).toMatchObject({ how });
  });

  it('is the chapter’s where nothing else is said, and in its heading', () => {
    expect(read('follow me')).toEqual({ kind: 'led', led: 'follow me' });
    expect(read('Show, then do')).toEqual({ kind: 'led', led: 'show, then do' });
    expect(read('# Warm-up: up the path (follow me)')).toEqual({
      kind: 'chapter',
      chapterKind: 'warm-up',
      title: 'Warm-up: up the path',
      led: 'follow me',
    });
    expect(read('# Game, by the clock')).toMatchObject({ title: 'Game', led: 'by the clock' });
  });

  it('never takes words from what is said', () => {
    expect(read('Follow me, little lamps!')).toMatchObject({
      kind: 'tell',
      text: 'Follow me, little lamps!',
    });
    expect(read('“follow me”')).toMatchObject({ kind: 'tell', text: 'follow me' });
    const reading = read('10 squats: Count in with me, by the clock');
    expect(reading).toMatchObject({
      kind: 'move',
      actions: [{ guise: { line: 'Count in with me, by the clock' } }],
    });
    expect(reading).not.toHaveProperty('how');
  });

  it('who throws is said in plain words', () => {
    const thrower = (line: string) => {
      const reading = read(line);
      return reading.kind === 'draw' ? reading.rules.thrower : reading.kind;
    };
    expect(thrower('die 6 throws, a child throws: squats, hops')).toBe('child');
    expect(thrower('cards 11 cards, children draw: squats, hops')).toBe('child');
    expect(thrower('die 6 throws, I throw: squats, hops')).toBe('presenter');
    expect(thrower('spinner 6 spins, on screen: squats, hops')).toBe('on screen');
  });

  it('a rhyme goes once, or so many times, at its tempo', () => {
    expect(read('rhyme once 4 beats: Up = squat; Down = march')).toMatchObject({
      times: 1,
      beats: 4,
    });
    expect(read('rhyme 3 times 8 beats at 110: Up = squat; Down = march')).toMatchObject({
      times: 3,
      beats: 8,
      beatsPerMinute: 110,
    });
    expect(read('rhyme: Up = squat; Down = march')).toMatchObject({ times: 2 });
    expect(read('rhyme often: Up = squat')).toMatchObject({ kind: 'tell', unread: ['often'] });
  });
});

describe('lines that are not simply told to the children', () => {
  it.each([
    [
      'To the grown-ups: Stand behind your child.',
      { to: 'grown-ups', text: 'Stand behind your child.' },
    ],
    [
      'to parents: Is the lamp out of reach?',
      { to: 'grown-ups', text: 'Is the lamp out of reach?' },
    ],
    ['To our helpers: Two cones each, please.', { to: 'helpers' }],
    ['To camera: Come closer.', { to: 'camera' }],
    [
      'Act it out: The heron wakes and stretches.',
      { acted: 2, text: 'The heron wakes and stretches.' },
    ],
    ['Acted out, lively: Over the ditch with Pip!', { acted: 3 }],
    ['Everybody mimes, hard: We pull the ferry home.', { acted: 4 }],
  ])('%s', (line, expected) => {
    const reading = read(line);
    expect(reading).toMatchObject({ kind: 'tell', ...expected });
    // Nobody waits for the children's answer to what was not asked of them.
    if ('to' in expected) expect(reading).not.toHaveProperty('waitSeconds');
  });

  it('are told where they only sound like it', () => {
    const plain = read('To the tower: up we go!');
    expect(plain).toMatchObject({ kind: 'tell', text: 'To the tower: up we go!' });
    expect(plain).not.toHaveProperty('to');
  });
});

describe('time to set out, to put away, and for a film that waits', () => {
  it.each([
    [
      'pause the film 20 s: Fetch two cushions.',
      { what: 'pause the film', seconds: 20, text: 'Fetch two cushions.', things: [] },
    ],
    ['Pause here', { what: 'pause the film', seconds: 30 }],
    [
      'set out 4 cones, 2 mats 60 s, a helper',
      { what: 'set out', things: ['4 cones', '2 mats'], seconds: 60, helper: true },
    ],
    [
      'set out hoops and bean bags 1 min … Stand by the wall.',
      { things: ['hoops', 'bean bags'], seconds: 60, text: 'Stand by the wall.', helper: false },
    ],
    ['put away 4 cones 30 s', { what: 'put away', things: ['4 cones'], seconds: 30 }],
  ])('%s', (line, expected) => expect(read(line)).toMatchObject({ kind: 'setup', ...expected }));

  it.each(['Set out for the tower!', 'Pause and breathe.', 'Put away your worries.'])(
    '%s is said',
    (line) => expect(read(line)).toMatchObject({ kind: 'tell', text: line }),
  );
});

describe('words longer than a beat holds', () => {
  it('are split at their sentences, never cut', () => {
    const sentence = 'The heron looks on from the far bank, and says nothing.';
    const text = Array.from({ length: 80 }, () => sentence).join(' ');
    let n = 0;
    const making = { newId: (prefix: string) => `${prefix}_${(n += 1)}`, seed: 1 };
    const said = beatsFromReading(read(text), making);
    expect(said.length).toBeGreaterThan(1);
    expect(said.map((beat) => beat.kind === 'tell' && beat.text).join(' ')).toBe(text);
    const during = beatsFromReading(read(`march 30 s … ${text}`), making);
    expect(during[0]).toMatchObject({ kind: 'move' });
    const rest = during.slice(1).map((beat) => (beat.kind === 'tell' ? beat.text : ''));
    const [first] = during;
    const begun = first?.kind === 'move' ? first.actions[0]!.guise.meanwhile : '';
    expect([begun, ...rest].join(' ')).toBe(text);
  });
});
