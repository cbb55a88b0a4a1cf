// @vitest-environment happy-dom
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it } from 'vitest';
import { useDraft } from './useDraft';

function Field({ name }: { name: string }) {
  const [text, type, forget] = useDraft(name, 'Beds');
  return (
    <>
      <input aria-label="title" value={text} onChange={(event) => type(event.target.value)} />
      <button onClick={forget}>forget</button>
    </>
  );
}

const title = () => screen.getByLabelText<HTMLInputElement>('title');

describe('useDraft', () => {
  afterEach(() => {
    cleanup();
    sessionStorage.clear();
  });

  it('has what was typed when its screen is opened again', async () => {
    const { unmount } = render(<Field name="set 4" />);
    expect(title().value).toBe('Beds');
    await userEvent.type(title(), ' by the wall');
    unmount();
    render(<Field name="set 4" />);
    expect(title().value).toBe('Beds by the wall');
  });

  it('is another text under another name', async () => {
    const { rerender } = render(<Field name="set 4" />);
    await userEvent.type(title(), '!');
    rerender(<Field name="set 5" />);
    expect(title().value).toBe('Beds');
    rerender(<Field name="set 4" />);
    expect(title().value).toBe('Beds!');
  });

  it('forgets what was typed, an empty text among it', async () => {
    render(<Field name="set 4" />);
    await userEvent.clear(title());
    expect(title().value).toBe('');
    await userEvent.click(screen.getByRole('button'));
    expect(title().value).toBe('Beds');
    expect(sessionStorage.length).toBe(0);
  });
});
