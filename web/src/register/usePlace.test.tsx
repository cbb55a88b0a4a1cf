// @vitest-environment happy-dom
import { act, cleanup, renderHook } from '@testing-library/react';
import { useState } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { usePlace } from './usePlace';

/** The address comes when it comes: some screens are drawn anew by it. */
let come: (address: string) => void;
let asked: string[] = [];

vi.mock('react-router', () => ({
  useSearchParams: () => {
    const [params, setParams] = useState(new URLSearchParams('pupil=1&rung=tens'));
    come = (address) => act(() => setParams(new URLSearchParams(address)));
    return [params, (next: URLSearchParams) => asked.push(next.toString())];
  },
}));

describe('usePlace', () => {
  beforeEach(() => {
    vi.useFakeTimers();
    asked = [];
  });
  afterEach(() => {
    cleanup();
    vi.useRealTimers();
  });

  const begun = () => {
    const { result } = renderHook(usePlace);
    const press = (pupil: number) => act(() => result.current.onMove({ pupil }));
    const rest = () => act(() => vi.advanceTimersByTime(200));
    return { result, press, rest };
  };

  it('follows quick keys with one address', () => {
    const { result, press, rest } = begun();
    press(2);
    press(3);
    expect(result.current.at).toEqual({ pupil: 3 });
    expect(asked).toEqual([]);
    rest();
    expect(asked).toEqual(['pupil=3']);
    come('pupil=3');
    expect(result.current.at).toEqual({ pupil: 3 });
  });

  it('loses no key that comes while an address is on its way', () => {
    const { result, press, rest } = begun();
    press(2);
    rest();
    expect(result.current.at).toEqual({ pupil: 2 });
    press(3);
    come('pupil=2');
    expect(result.current.at).toEqual({ pupil: 3 });
    rest();
    expect(asked).toEqual(['pupil=2', 'pupil=3']);
  });

  it('goes where an address from elsewhere says', () => {
    const { result, press, rest } = begun();
    press(2);
    come('pupil=7&rung=ones');
    expect(result.current.at).toEqual({ pupil: 7, rung: 'ones' });
    rest();
    expect(asked).toEqual([]);
  });
});
