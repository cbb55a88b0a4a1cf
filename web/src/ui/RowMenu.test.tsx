// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { deletion, RowMenu, rowKeys } from './RowMenu';

afterEach(cleanup);

function row() {
  const removed = vi.fn();
  const up = vi.fn();
  const menu = [{ key: 'up', name: 'Up', keys: 'Alt+ArrowUp', onChoose: up }, deletion(removed)];
  const Row = 'li';
  render(
    <Row onKeyDown={rowKeys(menu)}>
      <input aria-label="name" />
      <RowMenu of="Leeks" entries={menu} />
    </Row>,
  );
  return { removed, up, button: screen.getByRole('button'), field: screen.getByLabelText('name') };
}

describe('the keys of a row', () => {
  it('delete it once, however long the key is held down', () => {
    const { removed, button } = row();
    fireEvent.keyDown(button, { key: 'Delete' });
    fireEvent.keyDown(button, { key: 'Delete', repeat: true });
    expect(removed).toHaveBeenCalledTimes(1);
  });

  it('leave a field in which somebody types alone, but for those with Alt', () => {
    const { removed, up, field } = row();
    fireEvent.keyDown(field, { key: 'Delete' });
    fireEvent.keyDown(field, { key: 'ArrowUp', altKey: true });
    expect(removed).not.toHaveBeenCalled();
    expect(up).toHaveBeenCalledTimes(1);
  });

  it('are no others', () => {
    const { removed, button } = row();
    fireEvent.keyDown(button, { key: 'Delete', ctrlKey: true });
    expect(removed).not.toHaveBeenCalled();
  });
});
