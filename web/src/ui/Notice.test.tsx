// @vitest-environment happy-dom
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { NoticeProvider } from './Notice';
import { useNotice } from './useNotice';

const undo = { bulbs: vi.fn(), leeks: vi.fn() };

/** Says each of three notices at the press of a button. */
function Speaker() {
  const notice = useNotice();
  const deleted = (name: keyof typeof undo) => () =>
    notice({ text: `${name} deleted`, undo: undo[name] });
  return (
    <>
      <button onClick={deleted('bulbs')}>delete bulbs</button>
      <button onClick={deleted('leeks')}>delete leeks</button>
      <button onClick={() => notice({ text: 'saved' })}>save</button>
      <input />
    </>
  );
}

const press = async (name: string) => userEvent.click(await screen.findByRole('button', { name }));

describe('NoticeProvider', () => {
  beforeEach(() => {
    undo.bulbs.mockReset();
    undo.leeks.mockReset();
    render(
      <NoticeProvider>
        <Speaker />
      </NoticeProvider>,
    );
  });
  afterEach(cleanup);

  it('undoes each of several deletions, the last one first', async () => {
    await press('delete bulbs');
    await press('delete leeks');
    expect(await screen.findByText('leeks deleted')).toBeTruthy();
    await press('Undo');
    expect([undo.bulbs.mock.calls.length, undo.leeks.mock.calls.length]).toEqual([0, 1]);
    expect(await screen.findByText('bulbs deleted')).toBeTruthy();
    await press('Undo');
    expect([undo.bulbs.mock.calls.length, undo.leeks.mock.calls.length]).toEqual([1, 1]);
  });

  it('undoes the last deletion by a key, but not while a text is typed', async () => {
    await press('delete bulbs');
    await userEvent.type(screen.getByRole('textbox'), '{Control>}z{/Control}');
    await press('save');
    await userEvent.keyboard('{Control>}z{/Control}');
    await vi.waitFor(() => expect(undo.bulbs).toHaveBeenCalledTimes(1));
    await userEvent.keyboard('{Control>}z{/Control}');
    expect(undo.bulbs).toHaveBeenCalledTimes(1);
  });

  it('leaves what can be undone there until it is dismissed', async () => {
    await press('delete bulbs');
    await press('Dismiss');
    expect(screen.queryByRole('button', { name: 'Undo' })).toBeNull();
    expect(undo.bulbs).not.toHaveBeenCalled();
  });

  it('shows a notice without anything to do above one with, which is not lost', async () => {
    await press('delete bulbs');
    await press('save');
    expect(await screen.findByText('saved')).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Undo' })).toBeNull();
    await press('delete leeks');
    await press('Undo');
    expect(await screen.findByText('bulbs deleted')).toBeTruthy();
  });
});
