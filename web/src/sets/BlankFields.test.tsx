// @vitest-environment happy-dom
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { RangeFields, SizeFields } from './BlankFields';

const field = (name: string) => screen.getByRole('textbox', { name });

async function type(name: string, text: string) {
  await userEvent.clear(field(name));
  if (text !== '') {
    await userEvent.type(field(name), text);
  }
}

afterEach(cleanup);

describe('RangeFields', () => {
  const onChange = vi.fn();
  beforeEach(() => onChange.mockReset());

  it('takes a range once it holds something, and keeps what is typed meanwhile', async () => {
    render(<RangeFields range={{ from: 2, to: 3 }} least={1} onChange={onChange} />);
    await type('From', '5');
    expect(screen.getByRole('alert').textContent).toContain('smaller');
    expect(onChange).not.toHaveBeenCalledWith({ from: 5, to: 3 });
    await type('To', '8');
    expect(screen.getByRole('alert').textContent).toBe('');
    expect(onChange).toHaveBeenLastCalledWith({ from: 5, to: 8 });
  });

  it('refuses what is no number and what is below the least, in a sentence', async () => {
    render(<RangeFields range={{ from: 2, to: 3 }} least={1} onChange={onChange} />);
    for (const wrong of ['x', '0', '-1', '1.5']) {
      onChange.mockReset();
      await type('From', wrong);
      expect(screen.getByRole('alert').textContent).toContain('from 1 on');
      expect(onChange).not.toHaveBeenLastCalledWith(expect.objectContaining({ from: 0 }));
    }
  });

  it('needs no end where the range is open', async () => {
    render(<RangeFields range={{ from: 1, to: 4 }} least={0} open onChange={onChange} />);
    await type('To, if it ends', '');
    expect(onChange).toHaveBeenLastCalledWith({ from: 1, to: undefined });
  });
});

describe('SizeFields', () => {
  it('takes figures alone, and all of them where none are named', async () => {
    const onChange = vi.fn();
    render(<SizeFields size={{ figures: { from: 2, to: 2 } }} onChange={onChange} />);
    const made = screen.getAllByRole('textbox').at(-1) as HTMLElement;
    await userEvent.type(made, '12a');
    expect(onChange).toHaveBeenLastCalledWith(expect.objectContaining({ of: '12' }));
    expect(made.getAttribute('aria-invalid')).toBe('true');
    await userEvent.clear(made);
    expect(onChange).toHaveBeenLastCalledWith(expect.objectContaining({ of: undefined }));
  });
});
