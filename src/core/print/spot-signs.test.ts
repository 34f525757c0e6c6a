import { describe, expect, it } from 'vitest';
import { namedColour } from './inks';
import { shapesFor } from '../devices/shapes/spot-shapes';

describe('signs for the floor', () => {
  it('have the shape that their name says, and no two the same while there are others', () => {
    expect(shapesFor(['red', 'the blue star', 'green'])).toEqual(['circle', 'star', 'square']);
    const eight = ['a', 'b', 'c', 'd', 'e', 'f', 'g', 'h'];
    expect(new Set(shapesFor(eight)).size).toBe(8);
    expect(shapesFor([...eight, 'i'])).toHaveLength(9);
  });

  it('have the colour that their name says', () => {
    expect(namedColour('the green mat')).toBe(namedColour('GREEN'));
    expect(namedColour('greenhouse')).toBeNull();
    expect(namedColour('port')).toBeNull();
    expect(namedColour('the constructor')).toBeNull();
  });
});
