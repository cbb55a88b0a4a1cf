import { describe, expect, it } from 'vitest';
import { found, withPictures } from './pages';

const page = (id: string, title: string, html: string) => ({ id, title, html });

describe('the pages of the guide', () => {
  const pages = [
    page('one', 'A first hour', '<p>Press <em>Board</em> for everybody.</p>'),
    page('two', 'An evening', '<p>Type the answers.</p><img src="board.png" alt="The grid">'),
  ];

  it('are found by all words of a search, in their text and not in what marks it up', () => {
    expect(found(pages, '').map(({ id }) => id)).toEqual(['one', 'two']);
    expect(found(pages, 'BOARD hour').map(({ id }) => id)).toEqual(['one']);
    expect(found(pages, 'em')).toEqual([]);
    expect(found(pages, 'board answers')).toEqual([]);
  });

  it('show the pictures that the product has', () => {
    const pictures = { '../../docs/screenshots/board.png': '/assets/board-x1.png' };
    expect(withPictures(pages[1]?.html ?? '', pictures)).toContain('src="/assets/board-x1.png"');
  });
});
