// @vitest-environment happy-dom
import { act, cleanup, renderHook, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { Trouble } from '../api/taken';
import type { OwnSeat } from '../api/types';
import { useSeat } from './useSeat';

const asked = vi.hoisted(() => vi.fn());
vi.mock('./seatLink', () => ({
  seatLink: (token: string) => ({
    seat: (known: number, signal: AbortSignal) => asked(token, known, signal) as Promise<OwnSeat>,
    sendLeft: () => Promise.resolve(),
  }),
}));

const seat = (known: number, state: OwnSeat['state']) =>
  ({ known, state, work: { more: false, ended: false } }) as OwnSeat;

/** A question that is answered when nothing is other than is known: it waits. */
const waits = (signal: AbortSignal) =>
  new Promise<OwnSeat>((_, refuse) =>
    signal.addEventListener('abort', () => refuse(new Error('left'))),
  );

beforeEach(() => sessionStorage.clear());
afterEach(() => {
  cleanup();
  vi.useRealTimers();
});

it('follows its seat from one state to the next, and knows it again after a reload', async () => {
  const come = [seat(1, 'WAITING'), seat(2, 'IN')];
  asked.mockImplementation((_token, _known, signal: AbortSignal) => {
    const next = come.shift();
    return next ? Promise.resolve(next) : waits(signal);
  });
  const first = renderHook(() => useSeat());
  expect(first.result.current.link).toBeNull();
  act(() => first.result.current.come('tok'));
  await waitFor(() => expect(first.result.current.seat?.state).toBe('IN'));
  expect(asked.mock.calls.map(([, known]) => known as number)).toEqual([0, 1, 2]);
  first.unmount();
  come.push(seat(2, 'IN'));
  const again = renderHook(() => useSeat());
  await waitFor(() => expect(again.result.current.seat?.state).toBe('IN'));
  expect(asked.mock.lastCall?.[0]).toBe('tok');
});

it('gives its token up when the room is closed or does not know it', async () => {
  for (const answer of [
    () => Promise.resolve(seat(3, 'CLOSED')),
    () => Promise.reject(new Trouble('Your place in the room is closed.')),
  ]) {
    asked.mockImplementation(answer);
    const { result } = renderHook(() => useSeat());
    act(() => result.current.come('tok'));
    await waitFor(() => expect(result.current.link).toBeNull());
    expect(result.current.closed).toMatch(/closed/);
    expect(sessionStorage.getItem('bemble.seat')).toBeNull();
  }
});

it('asks again and again while there is no network, and keeps its token', async () => {
  vi.useFakeTimers();
  const away = new Trouble('', undefined, undefined, undefined, true);
  asked.mockRejectedValueOnce(away).mockRejectedValueOnce(away);
  asked.mockImplementation((_token, _known, signal: AbortSignal) => waits(signal));
  asked.mockClear();
  const { result } = renderHook(() => useSeat());
  await act(async () => {
    result.current.come('tok');
    await vi.advanceTimersByTimeAsync(100);
  });
  expect(result.current.away).toBe(true);
  await act(() => vi.advanceTimersByTimeAsync(5000));
  expect(asked).toHaveBeenCalledTimes(3);
  expect(sessionStorage.getItem('bemble.seat')).toBe('tok');
});
