import { expect, it } from 'vitest';
import { reachAfterDrag, reachAfterKey } from './reach';

it('counts only the pull away from the middle', () => {
  expect(reachAfterDrag(100, [0, 0], [160, 0], [160, 0], [200, 0])).toBe(140);
  expect(reachAfterDrag(100, [0, 0], [160, 0], [160, 0], [160, 90])).toBe(100);
  expect(reachAfterDrag(100, [0, 0], [0, -160], [5, -160], [5, -130])).toBe(70);
  expect(reachAfterDrag(30, [0, 0], [90, 0], [90, 0], [0, 0])).toBe(0);
  expect(reachAfterDrag(30, [5, 5], [5, 5], [0, 0], [50, 50])).toBe(30);
});

it('moves by ten with arrows and by one with Shift, never below zero', () => {
  expect(reachAfterKey('ArrowRight', false, 110)).toBe(120);
  expect(reachAfterKey('ArrowUp', true, 110)).toBe(111);
  expect(reachAfterKey('ArrowLeft', false, 4)).toBe(0);
  expect(reachAfterKey('Home', false, 300)).toBe(0);
  expect(reachAfterKey('a', false, 300)).toBeNull();
});
