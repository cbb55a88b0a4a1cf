// @vitest-environment happy-dom
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Keys } from './Keys';

const press = (name: string) => userEvent.click(screen.getByRole('button', { name }));

describe('Keys', () => {
  const onWrite = vi.fn();
  const onAct = vi.fn();

  beforeEach(() => {
    onWrite.mockReset();
    onAct.mockReset();
    render(<Keys onWrite={onWrite} onAct={onAct} />);
  });
  afterEach(cleanup);

  it('writes figures of full size, and small ones from the press of “small” to the next', async () => {
    await press('7');
    await press('small');
    expect(screen.getByRole('button', { name: 'small' }).getAttribute('aria-pressed')).toBe('true');
    await press('4');
    await press('0');
    await press('small');
    await press('1');
    expect(onWrite.mock.calls).toEqual([
      ['7', false],
      ['4', true],
      ['0', true],
      ['1', false],
    ]);
  });

  it('writes a sign or a point in full size, however small the figures are', async () => {
    await press('small');
    await press('minus');
    await press('point');
    expect(onWrite.mock.calls).toEqual([
      ['−', false],
      ['.', false],
    ]);
    expect(onAct).not.toHaveBeenCalled();
  });

  it('does what the keys of the keyboard do', async () => {
    for (const name of ['strike', 'next', 'line', 'erase']) {
      await press(name);
    }
    expect(onAct.mock.calls.flat()).toEqual(['/', 'Enter', '_', 'Backspace']);
    expect(onWrite).not.toHaveBeenCalled();
  });
});
