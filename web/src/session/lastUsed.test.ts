import { store } from '../test/store';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { api } from '../api/client';
import type { SumRef, Working } from '../api/types';
import { steps, working } from '../test/workings';
import { remember, workAsLastUsed } from './lastUsed';

let kept: Map<string, string>;

/** An app that knows three ways of adding, one of which suits small sums only. */
function worked(sum: SumRef): Promise<Working> {
  return Promise.resolve({
    ...working(sum.plain, steps('set')),
    sum: { ...sum, method: sum.method ?? 'column', style: {} },
    methods: [
      { id: 'column', name: 'Column', about: '', written: true },
      { id: 'in-pairs', name: 'In pairs', about: '', written: true },
      { id: 'dot-frames', name: 'Frames', about: '', written: false, misfit: 'too large' },
    ],
  });
}

beforeEach(() => {
  kept = store('localStorage');
  vi.spyOn(api, 'work').mockImplementation(worked);
});

afterEach(() => {
  vi.restoreAllMocks();
  vi.unstubAllGlobals();
});

describe('the method last used', () => {
  it('is the usual one before any was chosen', async () => {
    expect((await workAsLastUsed('46 + 38')).sum.method).toBe('column');
    expect(api.work).toHaveBeenCalledTimes(1);
  });

  it('works the next sum of its operation', async () => {
    remember(await worked({ plain: '46 + 38', method: 'in-pairs' }));
    expect((await workAsLastUsed('57 + 38')).sum).toEqual({
      plain: '57 + 38',
      method: 'in-pairs',
      style: {},
    });
  });

  it('is not taken where it does not suit the sum', async () => {
    remember(await worked({ plain: '8 + 7', method: 'dot-frames' }));
    expect((await workAsLastUsed('57 + 38')).sum.method).toBe('column');
  });

  it('is forgotten where the browser has kept nonsense', async () => {
    kept.set('bemble.methods', '{"ADDITION":');
    expect((await workAsLastUsed('57 + 38')).sum.method).toBe('column');
    kept.set('bemble.methods', 'null');
    expect((await workAsLastUsed('57 + 38')).sum.method).toBe('column');
  });
});
