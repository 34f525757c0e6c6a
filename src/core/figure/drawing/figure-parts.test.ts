import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../../moves/catalogue';
import { BUILT_IN } from '../../moves/move-book';
import { bodyOf } from '../body/contacts';
import { figureOfMove } from '../catalogue/figure-of-move';
import { poseOf } from '../catalogue/pose-sketch';
import { mirroredPose } from '../../model/pose';
import { builtInFigure } from '../catalogue';
import { momentOfKey, poseBetween } from '../motion/motion';
import { cameraOf } from './camera';
import { partsOf } from './figure-parts';
import type { Drawing, Paint, Shape } from './figure-shape';
import { handShapes } from './hands';
import { moodOf } from './moods';

const shapesOf = (id: string, key: number, drawing: Drawing = {}) =>
  partsOf(momentOfKey(figureOfMove(BUILT_IN.get(id)!)!, key), drawing).flatMap(
    ({ shapes }) => shapes,
  );
/** How hands are held in a move, one way or another. */
const hands = (id: string) =>
  new Set(['easy', ...builtInFigure(id)!.keys.flatMap(({ pose }) => [pose.handL, pose.handR])]);
const count = (shapes: readonly Shape[], paint: Paint, kind: Shape['kind']) =>
  shapes.filter((shape) => shape.paint === paint && shape.kind === kind).length;

describe('a face', () => {
  it.each([
    // Two eyes and a mouth; closed eyes are lines; brows are two lines more.
    ['joy', 2, 1],
    ['effort', 2, 3],
    ['calm', 0, 3],
  ] as const)('of %s from in front', (mood, dots, lines) => {
    const shapes = shapesOf('clap', 0, { mood });
    expect(count(shapes, 'ink', 'oval')).toBe(dots);
    expect(count(shapes, 'ink', 'stroke')).toBe(lines);
  });

  it('has a round mouth while breath goes out', () => {
    const figure = figureOfMove(BUILT_IN.get('calm-breath')!)!;
    const [out] = figure.marks.filter(({ kind }) => kind === 'breath out');
    const blowing = shapesOf('calm-breath', out!.key, { mood: 'calm' });
    const before = shapesOf('calm-breath', (out!.key + 1) % figure.keys.length, { mood: 'calm' });
    expect(count(blowing, 'ink', 'oval')).toBe(count(before, 'ink', 'oval') + 1);
  });

  it('is left out of small pictures, with thumbs', () => {
    expect(count(shapesOf('clap', 0, { small: true }), 'ink', 'oval')).toBe(0);
  });

  it.each([
    ['quiet lying', { effort: 1, posture: 'lying', unit: 'seconds' }, 'calm'],
    ['standing still', { effort: 1, posture: 'standing', unit: 'hold' }, 'joy'],
    ['a held plank', { effort: 3, posture: 'all fours', unit: 'hold' }, 'effort'],
    ['an easy walk', { effort: 3, posture: 'standing', unit: 'steps' }, 'joy'],
    ['as fast as can be', { effort: 5, posture: 'standing', unit: 'seconds' }, 'effort'],
    ['lively', { effort: 4, posture: 'standing', unit: 'reps' }, 'joy'],
  ] as const)('goes with the move: %s', (_, { effort, posture, unit }, mood) => {
    const usual = { ...BUILT_IN.get('squat')!.usual, unit };
    expect(moodOf({ effort, posture, usual })).toBe(mood);
  });

  it('every mood is somebody’s', () => {
    expect(new Set(CATALOGUE.map(moodOf))).toEqual(new Set(['joy', 'effort', 'calm']));
  });
});

describe('a hand', () => {
  const see = cameraOf('side');
  const standing = bodyOf(poseOf({}));

  it('has a palm and a thumb that looks ahead', () => {
    const [thumb, palm] = handShapes(standing.arms.R, {
      front: standing.trunk.front,
      see,
      isBall: false,
    });
    expect([thumb?.kind, palm?.kind]).toEqual(['stroke', 'stroke']);
    if (thumb?.kind !== 'stroke') throw new Error('no thumb');
    // From the side, ahead is to the right.
    expect(thumb.points[1]![0]).toBeGreaterThan(thumb.points[0]![0] + 0.02);
  });

  it('lies flat on the floor', () => {
    const { body } = momentOfKey(figureOfMove(BUILT_IN.get('crawl')!)!, 0);
    const { arms, trunk } = body;
    expect(arms.R.hand[1]).toBeLessThan(0.05);
    const palm = handShapes(arms.R, { front: trunk.front, see, isBall: false }).at(-1)!;
    if (palm.kind !== 'stroke') throw new Error('no palm');
    const [[, y1], [, y2]] = palm.points as [readonly [number, number], readonly [number, number]];
    expect(Math.abs(y1 - y2)).toBeLessThan(0.01);
  });

  it('closes around what it holds', () => {
    const { front } = standing.trunk;
    expect(handShapes(standing.arms.L, { front, see, isBall: true })).toMatchObject([
      { kind: 'oval' },
    ]);
  });

  it.each([
    ['fist', 1, 1],
    ['open', 6, 0],
    ['points', 1, 1],
    ['snaps', 2, 1],
  ] as const)('%s: fingers out, and what is closed', (hand, strokes, balls) => {
    const { front } = standing.trunk;
    const shapes = handShapes(standing.arms.L, { hand, front, see, isBall: false });
    expect(shapes.filter(({ kind }) => kind === 'stroke')).toHaveLength(strokes);
    expect(shapes.filter(({ kind }) => kind === 'oval')).toHaveLength(balls);
    // A finger that is out reaches beyond the closed hand, along the arm.
    const { hand: at, elbow } = standing.arms.L;
    const [wrist, tip] = [see(elbow), see(at)];
    const far = Math.hypot(tip.x - wrist.x, tip.y - wrist.y);
    const ends = shapes.flatMap((shape) => (shape.kind === 'stroke' ? [shape.points[1]!] : []));
    const farthest = Math.max(...ends.map(([x, y]) => Math.hypot(x - wrist.x, y - wrist.y)));
    if (hand === 'points' || hand === 'open') expect(farthest).toBeGreaterThan(far + 0.05);
    if (hand === 'fist') expect(farthest).toBeLessThan(far + 0.03);
  });

  it('is held as its pose says, and another way half-way to the next', () => {
    const [easy, open] = [poseOf({}), poseOf({ handR: 'open' })];
    expect(poseBetween(easy, open, 0.4).handR).toBe('easy');
    expect(poseBetween(easy, open, 0.6).handR).toBe('open');
    expect(mirroredPose(open).handL).toBe('open');
    expect(CATALOGUE.filter(({ id }) => hands(id).size > 1).length).toBeGreaterThan(30);
  });
});
