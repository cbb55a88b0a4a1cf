// @vitest-environment happy-dom
import { cleanup, render, screen, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { deferred, openedLater } from './deferred';

afterEach(cleanup);

const Menu = ({ open }: { open: boolean }) => (open ? <p>its entries</p> : null);

describe('a part that is closed at first', () => {
  it('harms nothing where it cannot be loaded, and is loaded again when it is opened', async () => {
    const load = vi
      .fn<() => Promise<{ default: typeof Menu }>>()
      .mockRejectedValueOnce(new Error('away'))
      .mockResolvedValue({ default: Menu });
    const Later = openedLater(load);
    const { rerender } = render(<Later open={false} />);
    await waitFor(() => expect(load).toHaveBeenCalledTimes(1));
    rerender(<Later open />);
    expect(await screen.findByText('its entries')).toBeTruthy();
  });
});

describe('a part that was loaded ahead', () => {
  it('is there at once when it is shown', async () => {
    const load = vi.fn(async () => ({ default: () => <p>typed into</p> }));
    const Dialog = deferred(load);
    Dialog.ahead();
    await waitFor(() => expect(load).toHaveBeenCalledTimes(1));
    await Promise.resolve();
    render(<Dialog />);
    expect(screen.getByText('typed into')).toBeTruthy();
    expect(load).toHaveBeenCalledTimes(1);
  });
});
