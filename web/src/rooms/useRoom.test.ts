import { describe, expect, it } from 'vitest';
import type { Room, Seat } from '../api/types';
import { byNeed } from './states';
import { withSeats } from './useRoom';

const seat = (id: number, state: Seat['state'], attempt?: number, strokes = 0): Seat => ({
  id,
  number: id,
  name: '',
  state,
  saysStuck: false,
  done: 0,
  right: 0,
  page:
    attempt === undefined
      ? undefined
      : {
          attempt,
          problem: '46 + 38',
          paper: { marks: [], extent: { from: { row: 0, column: 0 }, to: { row: 3, column: 3 } } },
          strokes: Array.from({ length: strokes }, (_, number) => ({
            number,
            millis: 0,
            kind: 'FIGURE' as const,
            row: 1,
            column: number,
            text: '4',
          })),
          handedIn: false,
          allRight: true,
          slipAt: [],
        },
});

const room = (...seats: Seat[]) => ({ id: 1, seats }) as unknown as Room;

describe('a room of which something is told', () => {
  it('leaves the seats of which nothing is told as they are', () => {
    const before = room(seat(1, 'WRITING', 5, 1), seat(2, 'WRITING', 6, 1));
    const after = withSeats(before, [seat(2, 'STUCK', 6, 1)]);
    expect(after.seats[0]).toBe(before.seats[0]);
    expect(after.seats[1]?.state).toBe('STUCK');
  });

  it('keeps what is printed while figures come, and takes it anew with another page', () => {
    const before = room(seat(1, 'WRITING', 5, 1));
    const same = withSeats(before, [seat(1, 'WRITING', 5, 2)]);
    expect(same.seats[0]?.page?.paper).toBe(before.seats[0]?.page?.paper);
    expect(same.seats[0]?.page?.strokes).toHaveLength(2);
    const other = withSeats(same, [seat(1, 'WRITING', 9)]);
    expect(other.seats[0]?.page?.paper).not.toBe(before.seats[0]?.page?.paper);
    expect(withSeats(other, [seat(1, 'NO_PAGE')]).seats[0]?.page).toBeUndefined();
  });
});

describe('seats by need', () => {
  it('has those who need somebody first, and else the order of the class', () => {
    const states = ['RIGHT', 'WRITING', 'SLIPPED', 'STUCK', 'AWAY', 'STUCK'] as const;
    const seats = states.map((state, place) => seat(place, state));
    expect(byNeed(seats).map(({ id }) => id)).toEqual([3, 5, 2, 4, 1, 0]);
    expect(seats[0]?.id).toBe(0);
  });
});
