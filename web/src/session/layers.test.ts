import { describe, expect, it } from 'vitest';
import type { Mark } from '../api/types';
import { steps, working } from '../test/workings';
import { layersAt, setOutPaper } from './layers';

const figure = (id: number, step: number): Mark => ({
  id,
  role: 'GIVEN',
  step,
  shape: { kind: 'figure', at: { row: id, column: 1 }, text: '4' },
});

const page = {
  ...working('46 + 38', steps('set', 'ones', 'tens'), steps('set', 'ones')),
  setOut: [0, 2],
};
page.paper = { ...page.paper, marks: [figure(0, 0), figure(1, 1), figure(2, 1)] };

describe('the layers of a page', () => {
  it('show the working as far as it has come, and nothing of the check', () => {
    const [own, check] = layersAt(page, 1);
    expect(own).toMatchObject({ step: 1, fresh: true });
    expect(check.step).toBeLessThan(0);
    expect(check.boxless).toBe(true);
  });

  it('leave the working whole, and no longer fresh, while the check goes on', () => {
    const [own, check] = layersAt(page, 4);
    expect(own).toMatchObject({ step: 2, fresh: false });
    expect(check).toMatchObject({ step: 1, fresh: true });
  });
});

describe('the paper of a sum that is set out', () => {
  it('has what the plan sets out, whenever it is written', () => {
    expect(setOutPaper(page).marks.map(({ id }) => id)).toEqual([0, 2]);
  });
});
