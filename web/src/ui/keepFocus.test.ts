// @vitest-environment happy-dom
import { beforeAll, beforeEach, expect, it, vi } from 'vitest';
import { keepFocus } from './keepFocus';

beforeAll(() => {
  // Tests do not draw: every element is seen, except folded ones.
  Element.prototype.checkVisibility = function (this: Element) {
    return !this.closest('details:not([open])');
  };
  keepFocus();
});

beforeEach(() => {
  document.body.innerHTML = `
    <main><h2>Handouts</h2><ul>
      <li><button>Mark 1</button><button id="first">Delete 1</button></li>
      <li><button>Mark 2</button><button id="second">Delete 2</button></li>
    </ul><p><button id="undo">Undo</button><button>Redo</button></p></main>`;
});

const at = (id: string) => document.getElementById(id) as HTMLButtonElement;

/** Takes an element away from under the focus, as a screen does. */
function lose(id: string, how: (element: HTMLButtonElement) => void) {
  at(id).focus();
  how(at(id));
}

const focusIsOn = (text: string) =>
  vi.waitFor(() => expect(document.activeElement?.textContent).toBe(text));

it('goes on to the next row, or to the last one', async () => {
  lose('first', (button) => button.closest('li')?.remove());
  await focusIsOn('Mark 2');
  at('second').focus();
  document.querySelector('ul')?.insertAdjacentHTML('afterbegin', '<li><button>Mark 0</button>');
  lose('second', (button) => button.closest('li')?.remove());
  await focusIsOn('Mark 0');
});

it('passes by what is folded away', async () => {
  lose('first', (button) =>
    button
      .closest('li')
      ?.replaceWith(
        Object.assign(document.createElement('details'), { innerHTML: '<button>More</button>' }),
      ),
  );
  await focusIsOn('Mark 2');
});

it('goes on from what can do nothing any more to what stands beside it', async () => {
  lose('undo', (button) => (button.disabled = true));
  await focusIsOn('Redo');
});

it('comes back to what could do nothing for a moment only', async () => {
  lose('undo', (button) => (button.disabled = true));
  at('undo').blur();
  at('undo').disabled = false;
  await focusIsOn('Undo');
});

it('goes to the heading of a screen that has come in place of another', async () => {
  lose('first', () => (document.body.innerHTML = '<main><h2>Register</h2><a>none</a></main>'));
  await focusIsOn('Register');
});

it('stays on nothing where somebody pressed beside everything', async () => {
  at('first').focus();
  at('first').blur();
  await new Promise((over) => setTimeout(over));
  at('first').remove();
  await new Promise((over) => requestAnimationFrame(over));
  expect(document.activeElement).toBe(document.body);
});

it('stays where it is when the second press of two meets nothing', () => {
  at('first').focus();
  const heading = document.querySelector('h2') as HTMLElement;
  const press = (detail: number) =>
    !heading.dispatchEvent(
      new MouseEvent('mousedown', { detail, bubbles: true, cancelable: true }),
    );
  expect([press(1), press(2)]).toEqual([false, true]);
});
