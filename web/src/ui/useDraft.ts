import { useState } from 'react';

const STORE = 'bemble.draft.';

/**
 * A text that is being typed: it is still there when its screen is left and opened again, in this
 * tab of the browser. Its name tells what the text belongs to; another name is another text.
 */
export function useDraft(
  name: string,
  initial = '',
): [text: string, type: (text: string) => void, forget: () => void] {
  const [typed, setTyped] = useState({ name, text: draftOf(name) });
  const now = typed.name === name ? typed : { name, text: draftOf(name) };
  const type = (text: string) => {
    sessionStorage.setItem(STORE + name, text);
    setTyped({ name, text });
  };
  const forget = () => {
    sessionStorage.removeItem(STORE + name);
    setTyped({ name, text: null });
  };
  return [now.text ?? initial, type, forget];
}

const draftOf = (name: string) => sessionStorage.getItem(STORE + name);
